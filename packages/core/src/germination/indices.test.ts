import { checking, expectReference, referenceCases } from '../../test/reference';
import { germinationIndices } from './indices';

test.each(referenceCases('05-germ').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const indices = germinationIndices({
    checkDay: input.check_day as number[],
    newlyUp: input.new_germinated as number[],
    sown: input.sown as number,
  });
  const pairs: [number | null, string][] = [
    [indices.germinated, 'germinated'],
    [indices.finalPercent, 'final_percent'],
    [indices.finalInterval.low, 'final_percent_wilson_low'],
    [indices.finalInterval.high, 'final_percent_wilson_high'],
    [indices.meanTime, 'mgt'],
    [indices.meanTimeSd, 'mgt_sd'],
    [indices.meanTimeSe, 'mgt_se'],
    [indices.t50Farooq, 't50_farooq'],
    [indices.t50Coolbear, 't50_coolbear'],
    [indices.t50OfSown, 't50_of_sown'],
    [indices.speedIndex, 'gri'],
    [indices.velocity, 'cvg'],
    [indices.synchrony, 'synchrony_Z'],
    [indices.uncertainty, 'uncertainty_U'],
    [indices.timsonChecks, 'timson_checks'],
    [indices.timsonDaily, 'timson_daily'],
  ];
  checking('germinationIndices');
  for (const [actual, key] of pairs) expectReference(actual, expected[key]);
});
