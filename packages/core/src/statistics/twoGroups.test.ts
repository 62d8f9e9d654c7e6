import { checking, expectReference, referenceCases } from '../../test/reference';
import { type Result } from '../result/result';
import { choose } from './arrangements';
import { kruskalWallis } from './kruskalWallis';
import { mannWhitney } from './mannWhitney';
import { paired } from './paired';
import { midranks } from './ranks';
import { hedgesG, type MeanTest, student, welch } from './twoGroups';

type Numbers = Record<string, number>;

function computed<T>(result: Result<T>): T {
  if (!result.ok) throw new Error(result.reason);
  return result;
}

function expectTest(actual: MeanTest, expected: Numbers): void {
  expectReference(actual.t, expected.t);
  expectReference(actual.df, expected.df);
  expectReference(actual.p, expected.p, { rel: 1e-8, abs: 1e-14 });
  expect(actual.pGreater + actual.pLess).toBeCloseTo(1, 12);
  expect(2 * Math.min(actual.pGreater, actual.pLess)).toBeCloseTo(actual.p, 12);
  expectReference(actual.interval.low, expected.ci95_low);
  expectReference(actual.interval.high, expected.ci95_high);
}

describe.each(referenceCases('02-two').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const [a, b] = [input.a as number[], input.b as number[]];

  test('Welch and pooled t', () => {
    checking('welch');
    expectTest(computed(welch(a, b)), expected.welch as Numbers);
    checking('student');
    expectTest(computed(student(a, b)), expected.student as Numbers);
  });

  test('standardised difference', () => {
    checking('hedgesG');
    const { d, g } = computed(hedgesG(a, b));
    expectReference(d, expected.cohen_d);
    expectReference(g, expected.hedges_g_exact);
  });

  test('Mann–Whitney, exact where it can be counted, and by the normal approximation', () => {
    checking('mannWhitney, normal');
    const ranks = expected.mann_whitney as Numbers;
    const normal = computed(mannWhitney(a, b, 0));
    expectReference(normal.u, ranks.U_b);
    expectReference(normal.p, ranks.asymptotic_cc_p, { rel: 1e-8, abs: 1e-14 });
    if (ranks.exact_p_abs === undefined || choose(a.length + b.length, a.length) > 2e7) return;
    checking('mannWhitney, exact');
    const exact = computed(mannWhitney(a, b, 2e7));
    expect(exact.method).toBe('exact');
    expectReference(exact.p, ranks.exact_p_abs);
  });
});

test.each(referenceCases('02-paired').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  checking('paired');
  const result = computed(paired(input.a as number[], input.b as number[]));
  expectReference(result.difference, expected.mean_difference);
  expectTest(result, expected as Numbers);
});

test('midranks share the middle of equal values', () => {
  expect(midranks([10, 20, 10, 30])).toEqual([1.5, 3, 1.5, 4]);
});

test('single containers, equal values and missing partners have a reason, never NaN', () => {
  const reasons = [
    welch([1], [2, 3]),
    student([2, 2], [2, 2]),
    hedgesG([5, 5], [5, 5]),
    paired([1, 2], [1]),
    mannWhitney([], [1]),
    mannWhitney([4, 4], [4, 4, 4], 0),
    kruskalWallis([[1, 1], [1]]),
  ];
  for (const result of reasons) expect(result).toEqual({ ok: false, reason: expect.stringMatching(/\w+ .*\.$/) });
});
