import { checking, expectReference, referenceCases } from '../../test/reference';
import { germinationIndices } from './indices';

test.each(referenceCases('05-germ').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const indices = germinationIndices({
    checkDay: input.check_day as number[],
    newlyUp: input.new_germinated as number[],
    sown: input.sown as number,
  });
  if (!indices.ok) throw new Error(indices.reason);
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
    [indices.germinationRateIndex, 'gri'],
    [indices.germinationRateIndexPercent, 'gri_percent'],
    [indices.firstDay, 'first_day'],
    [indices.lastDay, 'last_day'],
    [indices.spreadDays, 'time_spread'],
    [indices.coefficientOfVelocity, 'cvg'],
    [indices.synchrony, 'synchrony_Z'],
    [indices.uncertainty, 'uncertainty_U'],
    [indices.timsonChecks, 'timson_checks'],
    [indices.timsonDaily, 'timson_daily'],
  ];
  checking('germinationIndices');
  for (const [actual, key] of pairs) expectReference(actual, expected[key]);
});

test.each([
  [{ checkDay: [1, 2], newlyUp: [1, 2], sown: 0 }, /at least one seed/i],
  [{ checkDay: [1, 2], newlyUp: [3, 3], sown: 5 }, /6 have come up, but only 5/],
  [{ checkDay: [0, 2], newlyUp: [1, 2], sown: 5 }, /after the day of sowing/],
  [{ checkDay: [2, 2], newlyUp: [1, 2], sown: 5 }, /one after another/],
  [{ checkDay: [1], newlyUp: [1, 2], sown: 5 }, /its day and its count/],
  [{ checkDay: [1], newlyUp: [0.5], sown: 5 }, /whole numbers/],
])('counts that cannot be are refused with a reason: %j', (counts, reason) => {
  const found = germinationIndices(counts);
  expect(found.ok ? '' : found.reason).toMatch(reason);
});
