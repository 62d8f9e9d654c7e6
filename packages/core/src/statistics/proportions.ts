import { say } from '@bright-sprout/words/say';
import betaQuantile from '@stdlib/stats-base-dists-beta-quantile';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import { noAnswer, type Result } from '../result/result';
import { type Interval } from './descriptives';

/** Why x of n is no share; null where it is. */
export function shareProblem(x: number, n: number): string | null {
  if (!Number.isInteger(n) || n < 1) return say('statistics.shareNeedsLeastSeed');
  return Number.isInteger(x) && x >= 0 && x <= n ? null : say('statistics.ofIsNoShare', { x, n });
}

/** Score interval of x of n (Wilson 1927), clipped to 0 … 1. */
export function wilson(x: number, n: number, level = 0.95): Result<{ interval: Interval }> {
  const problem = shareProblem(x, n);
  if (problem) return noAnswer(problem);
  const z = normalQuantile((1 + level) / 2, 0, 1);
  const p = x / n;
  const scale = 1 + z ** 2 / n;
  const centre = (p + z ** 2 / (2 * n)) / scale;
  const half = (z * Math.sqrt((p * (1 - p)) / n + z ** 2 / (4 * n ** 2))) / scale;
  return { ok: true, interval: { low: Math.max(0, centre - half), high: Math.min(1, centre + half) } };
}

/** Exact interval of x of n (Clopper and Pearson 1934). */
export function clopperPearson(x: number, n: number, level = 0.95): Result<{ interval: Interval }> {
  const problem = shareProblem(x, n);
  if (problem) return noAnswer(problem);
  const tail = (1 - level) / 2;
  const low = x === 0 ? 0 : betaQuantile(tail, x, n - x + 1);
  return { ok: true, interval: { low, high: x === n ? 1 : betaQuantile(1 - tail, x + 1, n - x) } };
}

export interface ShareDifference {
  /** Second share − first. */
  difference: number;
  /** Hybrid score interval (Newcombe 1998, method 10). */
  interval: Interval;
  /** Second share over first; null where the first is 0. */
  riskRatio: number | null;
}

/** Two shares, the second against the first. */
export function newcombe(x1: number, n1: number, x2: number, n2: number): Result<ShareDifference> {
  const [w1, w2] = [wilson(x1, n1), wilson(x2, n2)];
  if (!w1.ok) return w1;
  if (!w2.ok) return w2;
  const [p1, p2] = [x1 / n1, x2 / n2];
  const difference = p2 - p1;
  const low = difference - Math.hypot(p2 - w2.interval.low, w1.interval.high - p1);
  const high = difference + Math.hypot(w2.interval.high - p2, p1 - w1.interval.low);
  return { ok: true, difference, interval: { low, high }, riskRatio: p1 === 0 ? null : p2 / p1 };
}
