import fc from 'fast-check';
import { checking, expectReference, referenceCases } from '../../test/reference';
import { pearson, spearman, straightLine } from './relation';

type Numbers = Record<string, number>;
const CLOSE = { rel: 1e-8, abs: 1e-11 };
const SMALL_P = { rel: 1e-7, abs: 1e-30 };

test.each(referenceCases('08-cor').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const { x, y, predict_at } = input as { x: number[]; y: number[]; predict_at: number };
  const [r, rho, line] = [pearson(x, y), spearman(x, y), straightLine(x, y)];
  if (!r.ok || !rho.ok || !line.ok) throw new Error();
  const wanted = expected.pearson as Numbers;
  checking('pearson');
  expectReference(r.r, wanted.r, CLOSE);
  expectReference(r.t, wanted.t, CLOSE);
  expectReference(r.p, wanted.p, SMALL_P);
  expectReference(r.interval?.low, wanted.ci95_low, CLOSE);
  expectReference(r.interval?.high, wanted.ci95_high, CLOSE);
  checking('spearman');
  expectReference(rho.r, (expected.spearman as Numbers).rho, CLOSE);
  expectReference(rho.p, (expected.spearman as Numbers).p_asymptotic, SMALL_P);
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

test('points on one line, level points and two points say why there is no answer', () => {
  expect(straightLine([1, 2, 3], [2, 4, 6])).toMatchObject({ ok: false });
  expect(straightLine([1, 1, 1], [2, 4, 6])).toMatchObject({ ok: false });
  expect(pearson([1, 2, 3], [5, 5, 5])).toMatchObject({ ok: false });
  expect(pearson([1, 2], [5, 6])).toMatchObject({ ok: false });
  const perfect = pearson([1, 2, 3, 4], [2, 4, 6, 8]);
  expect(perfect.ok && [perfect.r, Number.isFinite(perfect.t), Number.isFinite(perfect.interval!.low)]).toEqual([1, true, true]);
});

test('a correlation does not mind units or order', () => {
  const pairs = fc.array(fc.tuple(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 0, max: 300 })), {
    minLength: 4,
    maxLength: 20,
  });
  fc.assert(
    fc.property(pairs, fc.integer({ min: 2, max: 50 }), (list, scale) => {
      const read = (p: typeof list) =>
        pearson(
          p.map(([x]) => x),
          p.map(([, y]) => y),
        );
      const [plain, other] = [read(list), read([...list].reverse().map(([x, y]) => [x * scale + 3, y]))];
      expect(other.ok).toBe(plain.ok);
      if (plain.ok && other.ok) expect(other.r).toBeCloseTo(plain.r, 9);
    }),
  );
});
