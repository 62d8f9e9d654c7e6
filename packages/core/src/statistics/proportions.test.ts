import { checking, expectReference, referenceCases } from '../../test/reference';
import { type Interval } from './descriptives';
import { type Result } from '../result/result';
import { fisherTwoByTwo } from './fisherTwoByTwo';
import { clopperPearson, newcombe, wilson } from './proportions';

interface Row {
  x: number;
  n: number;
  wilson_low: number;
  wilson_high: number;
  clopper_pearson_low: number;
  clopper_pearson_high: number;
}

const CLOSE = { rel: 1e-8, abs: 1e-12 };

function intervalOf(found: Result<{ interval: Interval }>): Interval {
  if (!found.ok) throw new Error(found.reason);
  return found.interval;
}

test.each(referenceCases('04-proportions').flatMap((c) => (c.expected.rows as Row[]).map((r) => [r.x, r.n, r] as const)))(
  '%d of %d',
  (x, n, row) => {
    checking('wilson');
    expectReference(intervalOf(wilson(x, n)).low, row.wilson_low, CLOSE);
    expectReference(intervalOf(wilson(x, n)).high, row.wilson_high, CLOSE);
    checking('clopperPearson');
    expectReference(intervalOf(clopperPearson(x, n)).low, row.clopper_pearson_low, CLOSE);
    expectReference(intervalOf(clopperPearson(x, n)).high, row.clopper_pearson_high, CLOSE);
  },
);

test.each(referenceCases('04-2x2').map((c) => [c.case, c] as const))('%s', (_, { input, expected }) => {
  const { x1, n1, x2, n2 } = input as Record<string, number>;
  checking('newcombe');
  const shares = newcombe(x1!, n1!, x2!, n2!);
  if (!shares.ok) throw new Error(shares.reason);
  expectReference(shares.difference, expected.difference);
  expectReference(shares.interval.low, expected.newcombe_low);
  expectReference(shares.interval.high, expected.newcombe_high);
  expectReference(shares.riskRatio, expected.risk_ratio);
  checking('fisherTwoByTwo');
  const found = fisherTwoByTwo(x1!, n1!, x2!, n2!);
  if (!found.ok) throw new Error(found.reason);
  const fisher = expected.fisher as Record<string, number | null>;
  // R's root finder stops within 1e-4 of the ratio or of its inverse; that ours are roots is shown below.
  const loose = { rel: 6e-3, abs: 1e-4 };
  expectReference(found.p, fisher.p, { rel: 1e-7, abs: 1e-14 });
  expectReference(found.pGreater, fisher.p_greater, { rel: 1e-7, abs: 1e-14 });
  expectReference(found.oddsRatio, expected.odds_ratio_sample);
  expectReference(found.conditionalOddsRatio, fisher.odds_ratio_cmle, loose);
  expectReference(found.interval.low, fisher.or_ci95_low, loose);
  expectReference(found.interval.high, fisher.or_ci95_high, loose);
});

test('what is not a share has a reason, never NaN', () => {
  for (const found of [wilson(0, 0), wilson(3, 2), clopperPearson(-1, 4), newcombe(1, 2, 0, 0), fisherTwoByTwo(1.5, 3, 1, 3)])
    expect(found).toEqual({ ok: false, reason: expect.stringMatching(/\.$/) as string });
});

test('ends of the exact odds ratio leave 2.5 % in their tails, and the estimate expects what was seen', () => {
  const found = fisherTwoByTwo(4, 10, 9, 10);
  if (!found.ok) throw new Error(found.reason);
  const choose = (n: number, k: number) => Array.from({ length: k }, (_, i) => (n - i) / (i + 1)).reduce((a, b) => a * b, 1);
  const counts = Array.from({ length: 8 }, (_, i) => 3 + i);
  const chances = (odds: number) => {
    const weights = counts.map((k) => choose(10, k) * choose(10, 13 - k) * odds ** k);
    return weights.map((w) => w / weights.reduce((a, b) => a + b, 0));
  };
  const sum = (odds: number, of: (k: number) => number) => chances(odds).reduce((all, w, i) => all + w * of(counts[i]!), 0);
  expect(sum(found.interval.low, (k) => (k >= 9 ? 1 : 0))).toBeCloseTo(0.025, 9);
  expect(sum(found.interval.high!, (k) => (k <= 9 ? 1 : 0))).toBeCloseTo(0.025, 9);
  expect(sum(found.conditionalOddsRatio!, (k) => k)).toBeCloseTo(9, 9);
});
