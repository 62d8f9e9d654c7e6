import { say } from '@bright-sprout/words/say';
import tCdf from '@stdlib/stats-base-dists-t-cdf';
import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import gammaln from '@stdlib/math-base-special-gammaln';
import { type Interval, mean, standardDeviation } from './descriptives';
import { type Result } from '../result/result';
import { tTails } from './tails';

export interface MeanTest {
  /** Mean of b minus mean of a, in the unit of the values. */
  difference: number;
  se: number;
  t: number;
  df: number;
  /** Two-sided, and that the difference is above 0, and that it is below. */
  p: number;
  pGreater: number;
  pLess: number;
  interval: Interval;
}

/** A difference of means with its standard error as a t test. */
export function meanTest(difference: number, se: number, df: number, level: number): Result<MeanTest> {
  if (se === 0) return { ok: false, reason: say('statistics.valuesGroupEqualSpread') };
  const half = tQuantile((1 + level) / 2, df) * se;
  return {
    ok: true,
    difference,
    se,
    t: difference / se,
    df,
    p: tTails(difference / se, df),
    pGreater: tCdf(-difference / se, df),
    pLess: tCdf(difference / se, df),
    interval: { low: difference - half, high: difference + half },
  };
}

const TOO_FEW = {
  ok: false,
  get reason() {
    return say('statistics.sideNeedsLeastTwo');
  },
} as const;

/** Difference of two means, b − a, without assuming equal spread (Welch 1947; degrees of freedom by Satterthwaite 1946). */
export function welch(a: readonly number[], b: readonly number[], level = 0.95): Result<MeanTest> {
  if (a.length < 2 || b.length < 2) return TOO_FEW;
  const [va, vb] = [standardDeviation(a) ** 2 / a.length, standardDeviation(b) ** 2 / b.length];
  const df = va + vb === 0 ? 1 : (va + vb) ** 2 / (va ** 2 / (a.length - 1) + vb ** 2 / (b.length - 1));
  return meanTest(mean(b) - mean(a), Math.sqrt(va + vb), df, level);
}

/** Difference of two means, b − a, with a pooled spread (Student 1908). */
export function student(a: readonly number[], b: readonly number[], level = 0.95): Result<MeanTest> {
  if (a.length < 2 || b.length < 2) return TOO_FEW;
  const sd = pooledSd(a, b);
  return meanTest(mean(b) - mean(a), sd * Math.sqrt(1 / a.length + 1 / b.length), a.length + b.length - 2, level);
}

/** Standard deviation of two groups together, weighted by their degrees of freedom. */
function pooledSd(a: readonly number[], b: readonly number[]): number {
  const [sa, sb] = [standardDeviation(a), standardDeviation(b)];
  return Math.sqrt(((a.length - 1) * sa ** 2 + (b.length - 1) * sb ** 2) / (a.length + b.length - 2));
}

/** Difference b − a in pooled standard deviations (Cohen's d) and without its small-sample bias (Hedges 1981, exact J). */
export function hedgesG(a: readonly number[], b: readonly number[]): Result<{ d: number; g: number }> {
  if (a.length < 2 || b.length < 2) return TOO_FEW;
  const sd = pooledSd(a, b);
  if (sd === 0) return { ok: false, reason: say('statistics.valuesOfEachGroupEqual') };
  const d = (mean(b) - mean(a)) / sd;
  const df = a.length + b.length - 2;
  const correction = Math.exp(gammaln(df / 2) - gammaln((df - 1) / 2)) / Math.sqrt(df / 2);
  return { ok: true, d, g: d * correction };
}
