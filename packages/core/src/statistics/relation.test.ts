import { checking, expectReference, referenceCases } from '../../test/reference';
import { straightLine } from './relation';

type Numbers = Record<string, number>;
const CLOSE = { rel: 1e-8, abs: 1e-11 };
const SMALL_P = { rel: 1e-7, abs: 1e-30 };

test.each(referenceCases('08-cor').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const { x, y, predict_at } = input as { x: number[]; y: number[]; predict_at: number };
  const line = straightLine(x, y);
  if (!line.ok) throw new Error(line.reason);
  checking('straightLine');
  const fit = expected.regression as Numbers & { prediction: Numbers };
  [
    [line.intercept, 'intercept'],
    [line.slope, 'slope'],
    [line.seIntercept, 'se_intercept'],
    [line.seSlope, 'se_slope'],
    [line.t, 't_slope'],
    [line.slopeInterval.low, 'slope_ci95_low'],
    [line.slopeInterval.high, 'slope_ci95_high'],
    [line.r2, 'r2'],
    [line.residualSd, 'residual_se'],
  ].forEach(([v, key]) => expectReference(v as number, fit[key as string], CLOSE));
  expectReference(line.p, fit.p_slope, SMALL_P);
  const at = line.at(predict_at);
  [
    [at.y, 'fit'],
    [at.line.low, 'conf_low'],
    [at.line.high, 'conf_high'],
    [at.value.low, 'pred_low'],
    [at.value.high, 'pred_high'],
  ].forEach(([v, key]) => expectReference(v as number, fit.prediction[key as string], CLOSE));
});

test('points without scatter, and points of one place, say why there is no answer', () => {
  expect(straightLine([1, 2, 3], [2, 4, 6])).toMatchObject({ ok: false });
  expect(straightLine([1, 1, 1], [2, 4, 6])).toMatchObject({ ok: false });
});
