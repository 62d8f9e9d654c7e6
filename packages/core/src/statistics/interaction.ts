import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { generatorFrom } from '../random/generator';
import { type Drawing, TIE, USUAL_DRAWS } from './arrangements';
import { type Interval, mean, standardDeviation } from './descriptives';
import { type Result } from '../result/result';
import { type TwoWayRow } from './factorialAnova';
import { indicators, orthonormalBasis, partAlong } from './leastSquares';

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
  if (groups.some((g) => g.length < 2)) return { ok: false, reason: 'Each combination needs at least two containers.' };
  const parts = groups.map((g, i) => (weights[i]! ** 2 * standardDeviation(g) ** 2) / g.length);
  const variance = parts.reduce((a, b) => a + b, 0);
  if (variance === 0) return { ok: false, reason: 'All values of each group are equal, so there is no spread to judge by.' };
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
  if (a.length !== 2 || b.length !== 2)
    return { ok: false, reason: 'A difference of differences needs two factors of two levels.' };
  const cells = a.flatMap((la) => b.map((lb) => rows.filter((r) => r.a === la && r.b === lb).map((r) => r.y)));
  return meanContrast(cells, [1, -1, -1, 1]);
}

export interface InteractionTest {
  /** F ratio of the interaction. */
  f: number;
  p: number;
  pError: number;
  draws: number;
}

/**
 * Whether one factor works differently at the levels of the other. What the additive model (with teams) leaves is shuffled
 * within teams and added back (Freedman and Lane 1983): close to exact, never fully.
 */
export function permuteInteraction(
  rows: readonly (TwoWayRow & { block: string })[],
  { seed, draws = USUAL_DRAWS }: Drawing,
): Result<InteractionTest> {
  const n = rows.length;
  const [a, b] = [indicators(rows.map((r) => r.a)), indicators(rows.map((r) => r.b))];
  if (a.length < 2 || b.length < 2) return { ok: false, reason: 'Each factor needs at least two levels.' };
  const additive = orthonormalBasis([rows.map(() => 1), ...indicators(rows.map((r) => r.block)), ...a, ...b]);
  const full = orthonormalBasis([...additive, ...indicators(rows.map((r) => JSON.stringify([r.a, r.b])))]);
  const crossed = full.slice(additive.length);
  const df = n - full.length;
  if (crossed.length === 0) return { ok: false, reason: 'Some combinations of the two factors were not grown.' };
  if (df < 1) return { ok: false, reason: 'There are no more containers than combinations, so there is no spread to judge by.' };
  const y = rows.map((r) => r.y);
  const residual = partAlong(y, additive).rest;
  const scale = y.reduce((sum, v) => sum + v * v, 0);
  const ratio = (e: readonly number[]) => {
    const rest = partAlong(e, additive).rest;
    const left = rest.reduce((sum, v) => sum + v * v, 0);
    const explained = partAlong(rest, crossed).length2;
    return explained / crossed.length / (Math.max(left - explained, 1e-15 * scale) / df);
  };
  if (residual.reduce((sum, v) => sum + v * v, 0) <= 1e-20 * scale)
    return { ok: false, reason: 'Everything is explained without an interaction: there is no spread to judge by.' };
  const seen = ratio(residual);
  const random = generatorFrom(seed);
  const blocks = [...new Set(rows.map((r) => r.block))].map((name) => rows.flatMap((r, i) => (r.block === name ? [i] : [])));
  let count = 0;
  const shuffled = new Array<number>(n);
  for (let draw = 0; draw < draws; draw++) {
    for (const block of blocks) {
      const values = random.shuffle(block.map((i) => residual[i]!));
      block.forEach((i, k) => (shuffled[i] = values[k]!));
    }
    if (ratio(shuffled) >= seen * (1 - TIE)) count++;
  }
  const p = (count + 1) / (draws + 1);
  return { ok: true, f: seen, p, pError: Math.sqrt((p * (1 - p)) / draws), draws };
}
