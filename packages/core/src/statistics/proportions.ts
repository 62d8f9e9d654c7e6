import { say } from '@bright-sprout/words/say';
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
