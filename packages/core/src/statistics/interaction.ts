import { say } from '@bright-sprout/words/say';
import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { type Interval, mean, standardDeviation } from './descriptives';
import { type Result } from '../result/result';
import { type TwoWayRow } from './factorialAnova';

/** A weighted sum of group means, its standard error and Welch interval. */
export interface MeanContrast {
  estimate: number;
  se: number;
  df: number;
  interval: Interval;
}

/** Σ wᵢ·meanᵢ without assuming equal spread (Welch 1947; Satterthwaite 1946); weights (−1, 1) give Welch’s difference. */
export function meanContrast(
  groups: readonly (readonly number[])[],
  weights: readonly number[],
  level = 0.95,
): Result<MeanContrast> {
  if (groups.some((g) => g.length < 2)) return { ok: false, reason: say('statistics.combinationNeedsLeastTwo') };
  const parts = groups.map((g, i) => (weights[i]! ** 2 * standardDeviation(g) ** 2) / g.length);
  const variance = parts.reduce((a, b) => a + b, 0);
  if (variance === 0) return { ok: false, reason: say('statistics.valuesGroupEqualSpread') };
  const df = variance ** 2 / parts.reduce((sum, v, i) => sum + v ** 2 / (groups[i]!.length - 1), 0);
  const estimate = groups.reduce((sum, g, i) => sum + weights[i]! * mean(g), 0);
  const half = tQuantile((1 + level) / 2, df) * Math.sqrt(variance);
  return { ok: true, estimate, se: Math.sqrt(variance), df, interval: { low: estimate - half, high: estimate + half } };
}

/**
 * Difference of differences of two factors at two levels each: how much more the second level of b does at the second level
 * of a than at the first. Levels in order of appearance.
 */
export function differenceOfDifferences(rows: readonly TwoWayRow[]): Result<MeanContrast> {
  const [a, b] = [[...new Set(rows.map((r) => r.a))], [...new Set(rows.map((r) => r.b))]];
  if (a.length !== 2 || b.length !== 2) return { ok: false, reason: say('statistics.differenceDifferencesNeedsTwo') };
  const cells = a.flatMap((la) => b.map((lb) => rows.filter((r) => r.a === la && r.b === lb).map((r) => r.y)));
  return meanContrast(cells, [1, -1, -1, 1]);
}
