import fc from 'fast-check';
import { checking, expectReference, referenceCases } from '../../test/reference';
import { fitTimeToSprout, type SproutFit } from './timeToSprout';
import { type CheckInterval, intervalsFromCounts, turnbull } from './turnbull';

const intervalsOf = (input: Record<string, unknown>): CheckInterval[] =>
  (input.lower as number[]).map((lower, i) => ({ lower, upper: (input.upper as (number | null)[])[i]! }));

const CASES = referenceCases('06-interval').map((c) => [c.case, intervalsOf(c.input), c.expected] as const);

test.each(CASES)('Turnbull: %s', (_, intervals, expected) => {
  checking('turnbull');
  const wanted = expected.turnbull as {
    support: { left: number; right: number | null; mass: number; cum: number }[];
    loglik: number;
    median_interval: [number, number] | null;
  };
  const found = turnbull(intervals);
  if (!found.ok) throw new Error(found.reason);
  expect(found.support.map((s) => [s.left, s.right])).toEqual(wanted.support.map((s) => [s.left, s.right]));
  found.support.forEach((s, i) => {
    expectReference(s.mass, wanted.support[i]!.mass, { rel: 1e-5, abs: 1e-6 });
    expectReference(s.cumulative, wanted.support[i]!.cum, { rel: 1e-5, abs: 1e-6 });
  });
  expectReference(found.logLikelihood, wanted.loglik, { rel: 1e-5, abs: 1e-6 });
  expect(found.medianInterval).toEqual(wanted.median_interval);
});

const FITS = CASES.flatMap(([name, intervals, expected]) =>
  (
    [
      ['loglogistic', 'log-logistic', false],
      ['lognormal', 'log-normal', false],
      ['loglogistic_plateau', 'log-logistic', true],
    ] as const
  )
    .filter(([key]) => expected[key])
    .map(
      ([key, distribution, plateau]) =>
        [name, key, intervals, distribution, plateau, expected[key] as Record<string, number>] as const,
    ),
);

test.each(FITS)('%s: %s', (_name, _key, intervals, distribution, plateau, wanted) => {
  checking('fitTimeToSprout');
  const fit = fitTimeToSprout(intervals, distribution, plateau);
  if (!fit.ok) throw new Error(fit.reason);
  const tolerance = plateau ? { rel: 1e-3, abs: 1e-4 } : { rel: 1e-5, abs: 1e-6 };
  const pairs: [number | undefined, string][] = [
    [fit.mu, 'mu'],
    [fit.sigma, 'sigma'],
    [fit.seMu, 'se_mu'],
    [fit.seLogSigma, 'se_log_sigma'],
    [fit.logLikelihood, 'loglik'],
    [fit.t50, 't50'],
    [fit.t50Interval.low, 't50_ci95_low'],
    [fit.t50Interval.high, 't50_ci95_high'],
    [fit.able, 'plateau'],
    [fit.ableInterval?.low, 'plateau_ci95_low'],
    [fit.ableInterval?.high, 'plateau_ci95_high'],
  ];
  for (const [actual, key] of pairs) if (key in wanted) expectReference(actual, wanted[key], tolerance);
});

test('exactly known times make the ordinary step curve', () => {
  const found = turnbull([3, 5, 5, 8].map((t) => ({ lower: t, upper: t })));
  expect(found.ok && found.support.map((s) => [s.left, s.mass])).toEqual([
    [3, 0.25],
    [5, 0.5],
    [8, 0.25],
  ]);
  expect(found.ok && found.medianInterval).toEqual([5, 5]);
});

test('counts become one interval per seed, and a seedling that died has come up all the same', () => {
  const looks = [
    { day: 3, up: 1 },
    { day: 6, up: 4 },
    { day: 7, up: 3 },
  ];
  expect(intervalsFromCounts(5, looks)).toEqual([
    { lower: 0, upper: 3 },
    ...Array.from({ length: 3 }, () => ({ lower: 3, upper: 6 })),
    { lower: 7, upper: null },
  ]);
});

test.each([
  ['nothing sown', []],
  ['none up', [{ lower: 9, upper: null }]],
  ['all between the same two looks', Array.from({ length: 20 }, () => ({ lower: 3, upper: 6 }))],
  ['up before it was sown', [{ lower: 0, upper: 0 }]],
  ['an interval turned round', [{ lower: 5, upper: 3 }]],
  [
    'two neighbouring looks and nothing left',
    [
      { lower: 0, upper: 3 },
      { lower: 3, upper: 4 },
    ],
  ],
] as [string, CheckInterval[]][])('%s is a reason, not a number', (_, intervals) => {
  for (const plateau of [false, true])
    expect(fitTimeToSprout(intervals, 'log-logistic', plateau)).toMatchObject({
      ok: false,
      reason: expect.stringMatching(/\.$/) as string,
    });
});

test('whatever counts a class can bring, the answer is finite or a reason', () => {
  const counts = fc.array(fc.record({ day: fc.integer({ min: 1, max: 4 }), up: fc.integer({ min: 0, max: 6 }) }), {
    minLength: 1,
    maxLength: 9,
  });
  fc.assert(
    fc.property(counts, fc.boolean(), (steps, plateau) => {
      let [day, up] = [0, 0];
      const looks = steps.map((s) => ({ day: (day += s.day), up: (up += s.up) }));
      const intervals = intervalsFromCounts(24, looks);
      const masses = turnbull(intervals);
      expect(masses.ok && masses.support.reduce((sum, s) => sum + s.mass, 0)).toBeCloseTo(1, 6);
      const fit = fitTimeToSprout(intervals, 'log-logistic', plateau);
      const finite = ({ t50, seMu, t50Interval, able }: SproutFit) =>
        [t50, seMu, t50Interval.low, t50Interval.high, able].every(Number.isFinite);
      if (fit.ok) expect(finite(fit)).toBe(true);
    }),
    { numRuns: 200 },
  );
});
