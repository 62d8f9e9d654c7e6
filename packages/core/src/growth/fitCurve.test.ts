import fc from 'fast-check';
import { checking, expectReference, type ReferenceCase, referenceCases } from '../../test/reference';
import { generatorFrom } from '../random/generator';
import { type CurveName, CURVES, inOrder } from './curves';
import { fitCurve } from './fitCurve';

type Expected = Record<string, { parameters: Record<string, number>; se: Record<string, number> } & Record<string, number>> & {
  best_aic?: string;
};
interface Points {
  t: number[];
  y: number[];
}
const NAMES = Object.keys(CURVES) as CurveName[];

const cases = referenceCases('07-growth').flatMap((c) =>
  NAMES.filter((n) => n in c.expected).map((n) => [c.case, n, c] as const),
);

test.each(cases)('%s: %s', (_, name, { input, expected }: ReferenceCase) => {
  checking('fitCurve');
  const fit = fitCurve(name, input as unknown as Points);
  const wanted = (expected as Expected)[name];
  if (!wanted) return expect(fit).toMatchObject({ ok: false });
  if (!fit.ok) throw new Error(fit.reason);
  CURVES[name].parameters.forEach((parameter) => {
    expectReference(fit.parameters[parameter], wanted.parameters[parameter], { rel: 1e-4, abs: 1e-6 });
    expectReference(fit.se[parameter], wanted.se[parameter], { rel: 1e-3, abs: 1e-6 });
  });
  expectReference(fit.rss, wanted.rss, { rel: 1e-7, abs: 1e-12 });
  if ('residual_se' in wanted) expectReference(fit.residualSd, wanted.residual_se, { rel: 1e-7, abs: 1e-12 });
  expectReference(fit.r2, wanted.r2, { rel: 1e-7, abs: 1e-12 });
  for (const [actual, key] of [
    [fit.aic, 'aic'],
    [fit.aicc, 'aicc'],
    [fit.bic, 'bic'],
  ] as const)
    if (key in wanted) expectReference(actual, wanted[key], { rel: 1e-6, abs: 1e-6 });
  if ('inflection_time' in wanted) {
    expectReference(fit.inflection?.t, wanted.inflection_time, { rel: 1e-4, abs: 1e-5 });
    expectReference(fit.inflection?.y, wanted.inflection_y, { rel: 1e-4, abs: 1e-5 });
    expectReference(fit.inflection?.rate, wanted.max_growth_rate, { rel: 1e-4, abs: 1e-6 });
  } else {
    expect(fit.inflection).toBeNull();
    if (!('rate_at_first_time' in wanted)) return;
    expectReference(
      CURVES[name].rate(inOrder(CURVES[name], fit.parameters), Math.min(...(input.t as number[]))),
      wanted.rate_at_first_time,
      {
        rel: 1e-4,
        abs: 1e-6,
      },
    );
  }
});

test('the two NIST growth problems reach their certified values from both published starts and from their own', () => {
  checking('fitCurve, NIST certified');
  const [rat43] = referenceCases('07-growth-richards-rat43');
  const certified = (rat43!.expected.richards as { certified: Record<string, number> }).certified;
  for (const start of [[100, 10, 1, 1], [700, 5, 0.75, 1.3], undefined]) {
    const fit = fitCurve('richards', rat43!.input as unknown as Points, start);
    if (!fit.ok) throw new Error(fit.reason);
    for (const [parameter, v] of Object.entries(fit.parameters)) expectReference(v, certified[parameter], { rel: 1e-6, abs: 0 });
    expectReference(fit.rss, 8786.404908, { rel: 1e-9, abs: 0 });
  }
  // Pasture regrowth (NIST StRD Rat42, higher difficulty): y = b1/(1 + exp(b2 − b3·t)), so xmid = b2/b3 and scal = 1/b3.
  const rat42 = { t: [9, 14, 21, 28, 42, 57, 63, 70, 79], y: [8.93, 10.8, 18.59, 22.33, 39.35, 56.11, 61.73, 64.62, 67.08] };
  for (const start of [[100, 1, 0.1], [75, 2.5, 0.07], undefined]) {
    const fit = fitCurve('logistic', rat42, start && [start[0]!, start[1]! / start[2]!, 1 / start[2]!]);
    if (!fit.ok) throw new Error(fit.reason);
    const [asym, xmid, scal] = inOrder(CURVES.logistic, fit.parameters) as [number, number, number];
    [
      [asym, 72.462237576],
      [xmid / scal, 2.6180768402],
      [1 / scal, 0.0673592],
    ].forEach(([actual, value]) => expectReference(actual, value, { rel: 1e-6, abs: 0 }));
    expectReference(fit.rss, 8.0565229338, { rel: 1e-9, abs: 0 });
  }
});

test('a straight line is no growth curve, a level line has not grown, three days are too few', () => {
  expect(fitCurve('logistic', { t: [1, 2, 3], y: [1, 5, 9] })).toMatchObject({
    ok: false,
    reason: expect.stringContaining('4 days') as string,
  });
  expect(fitCurve('gompertz', { t: [1, 2, 3, 4, 5], y: [7, 7, 7, 7, 7] })).toMatchObject({ ok: false });
  // An almost straight rise: what is fitted levels off beyond what was seen, and says so, or is refused.
  const points = { t: [0, 2, 4, 6, 8, 10], y: [5.1, 7.4, 11.2, 16, 24.1, 35.2] };
  for (const fit of NAMES.filter((name) => name !== 'linear').map((name) => fitCurve(name, points)))
    expect(fit).toMatchObject(
      fit.ok ? { beyondTheData: true } : { reason: expect.stringMatching(/^No \w+ curve .*\.$/) as string },
    );
});

test('whatever heights a class can bring, a curve is a curve or a reason, never a number that is none', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...NAMES),
      fc.array(fc.integer({ min: 0, max: 400 }), { minLength: 1, maxLength: 14 }),
      (name, y) => {
        const fit = fitCurve(name, { t: y.map((_, i) => i * 2), y });
        if (fit.ok) {
          const numbers = [...Object.values(fit.parameters), ...Object.values(fit.se), fit.rss, fit.asymptote ?? 0];
          expect(numbers.every(Number.isFinite)).toBe(true);
        } else expect(fit.reason).toMatch(/\.$/);
      },
    ),
    { numRuns: 150 },
  );
});

test('a curve with a little noise is found again', () => {
  const truth: Record<CurveName, number[]> = {
    linear: [5, 6],
    monomolecular: [200, 4, -2.2],
    logistic: [180, 12, 3],
    gompertz: [180, 6, 0.82],
    richards: [180, 5, 0.4, 1.8],
  };
  for (const name of NAMES) {
    const random = generatorFrom(5);
    const t = Array.from({ length: 16 }, (_, i) => 2 * i);
    const y = t.map((at) => CURVES[name].value(truth[name], at) + random.normal());
    const fit = fitCurve(name, { t, y });
    if (!fit.ok) throw new Error(fit.reason);
    if (name !== 'linear') expect(Math.abs(fit.asymptote! - truth[name][0]!)).toBeLessThan(8);
    expect(fit.r2).toBeGreaterThan(0.99);
  }
});
