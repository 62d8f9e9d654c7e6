import { chiTail } from './tails';
import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import { choose, EXACT_LIMIT } from './arrangements';
import { type Result } from '../result/result';

/** Ranks from 1, equal values sharing the middle of their ranks. */
export function midranks(values: readonly number[]): number[] {
  const order = values.map((_, i) => i).sort((i, j) => values[i]! - values[j]!);
  const ranks = new Array<number>(values.length);
  for (let from = 0; from < order.length;) {
    let to = from;
    while (to < order.length && values[order[to]!] === values[order[from]!]) to++;
    for (let k = from; k < to; k++) ranks[order[k]!] = (from + 1 + to) / 2;
    from = to;
  }
  return ranks;
}

/** Σ(t³ − t) over groups of equal values: what ties take from the spread of ranks. */
function tieSum(values: readonly number[]): number {
  const counts = new Map<number, number>();
  for (const v of values) counts.set(v, (counts.get(v) ?? 0) + 1);
  return [...counts.values()].reduce((sum, t) => sum + t ** 3 - t, 0);
}

export interface MannWhitney {
  /** Pairs in which b is greater, equal ones counted half. */
  u: number;
  p: number;
  method: 'exact' | 'normal';
}

/**
 * Mann and Whitney (1947), two-sided. Exact over all splits of the midranks up to 200,000 of them, counting |U − E(U)| at
 * least as large; beyond that the normal approximation with tie-corrected variance and continuity correction.
 */
export function mannWhitney(a: readonly number[], b: readonly number[], exactLimit = EXACT_LIMIT): Result<MannWhitney> {
  const [n, m] = [a.length, b.length];
  if (n === 0 || m === 0) return { ok: false, reason: 'Each side needs at least one container.' };
  const pooled = [...a, ...b];
  const ranks = midranks(pooled);
  const rankSum = ranks.slice(n).reduce((sum, r) => sum + r, 0);
  const u = rankSum - (m * (m + 1)) / 2;
  if (choose(n + m, m) <= exactLimit) return { ok: true, u, p: exactRankP(ranks, m, rankSum), method: 'exact' };
  const total = n + m;
  const variance = ((n * m) / 12) * (total + 1 - tieSum(pooled) / (total * (total - 1)));
  if (variance === 0) return { ok: false, reason: 'All values are equal, so ranks say nothing.' };
  const z = Math.max(0, Math.abs(u - (n * m) / 2) - 0.5) / Math.sqrt(variance);
  return { ok: true, u, p: Math.min(1, 2 * normalCdf(-z, 0, 1)), method: 'normal' };
}

/** Share of splits whose rank sum is at least as far from its mean: counted over doubled ranks, which are whole numbers. */
function exactRankP(ranks: readonly number[], m: number, rankSum: number): number {
  const doubled = ranks.map((r) => Math.round(2 * r));
  const top = doubled.reduce((sum, r) => sum + r, 0);
  const ways = Array.from({ length: m + 1 }, () => new Float64Array(top + 1));
  ways[0]![0] = 1;
  for (const r of doubled) for (let k = m; k >= 1; k--) for (let s = top; s >= r; s--) ways[k]![s]! += ways[k - 1]![s - r]!;
  const centre = (m * (ranks.length + 1)) / 2;
  const far = Math.abs(rankSum - centre);
  let count = 0;
  ways[m]!.forEach((w, s) => {
    if (Math.abs(s / 2 - centre) >= far - 1e-9) count += w;
  });
  return count / choose(ranks.length, m);
}

/** Kruskal and Wallis (1952) with the correction for ties; chi-squared approximation. */
export function kruskalWallis(groups: readonly (readonly number[])[]): Result<{ h: number; df: number; p: number }> {
  if (groups.length < 2 || groups.some((g) => g.length === 0))
    return { ok: false, reason: 'At least two groups with a value each are needed.' };
  const pooled = groups.flat();
  const n = pooled.length;
  const ties = 1 - tieSum(pooled) / (n ** 3 - n);
  if (ties === 0) return { ok: false, reason: 'All values are equal, so ranks say nothing.' };
  const ranks = midranks(pooled);
  let from = 0;
  let sum = 0;
  for (const group of groups) {
    const own = ranks.slice(from, from + group.length).reduce((s, r) => s + r, 0);
    sum += own ** 2 / group.length;
    from += group.length;
  }
  const h = ((12 / (n * (n + 1))) * sum - 3 * (n + 1)) / ties;
  return { ok: true, h, df: groups.length - 1, p: chiTail(h, groups.length - 1) };
}
