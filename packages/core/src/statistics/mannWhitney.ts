import { say } from '@bright-sprout/words/say';
import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import { noAnswer, type Result } from '../result/result';
import { choose, EXACT_LIMIT } from './arrangements';
import { midranks, tieSum } from './ranks';

export interface MannWhitney {
  /** Pairs in which b is greater, equal ones counted half. */
  u: number;
  /** Two-sided, and that b is greater, and that it is less. */
  p: number;
  pGreater: number;
  pLess: number;
  method: 'exact' | 'normal';
}

/**
 * Mann and Whitney (1947), two-sided. Exact over all splits of the midranks up to 200,000 of them, counting |U − E(U)| at
 * least as large; beyond that the normal approximation with tie-corrected variance and continuity correction.
 */
export function mannWhitney(a: readonly number[], b: readonly number[], exactLimit = EXACT_LIMIT): Result<MannWhitney> {
  const [n, m] = [a.length, b.length];
  if (n === 0 || m === 0) return noAnswer(say('statistics.sideNeedsLeastContainer'));
  const pooled = [...a, ...b];
  const ranks = midranks(pooled);
  const rankSum = ranks.slice(n).reduce((sum, r) => sum + r, 0);
  const u = rankSum - (m * (m + 1)) / 2;
  if (choose(n + m, m) <= exactLimit) return { ok: true, u, ...exactRankP(ranks, m, rankSum), method: 'exact' };
  const total = n + m;
  const variance = ((n * m) / 12) * (total + 1 - tieSum(pooled) / (total * (total - 1)));
  if (variance === 0) return noAnswer(say('statistics.valuesEqualRanksSay'));
  const sd = Math.sqrt(variance);
  const apart = u - (n * m) / 2;
  const tail = (distance: number) => normalCdf(-distance / sd, 0, 1);
  const p = Math.min(1, 2 * tail(Math.max(0, Math.abs(apart) - 0.5)));
  return { ok: true, u, p, pGreater: tail(apart - 0.5), pLess: tail(-apart - 0.5), method: 'normal' };
}

/** Share of splits whose rank sum is at least as far from its mean: counted over doubled ranks, which are whole numbers. */
function exactRankP(ranks: readonly number[], m: number, rankSum: number): { p: number; pGreater: number; pLess: number } {
  const doubled = ranks.map((r) => Math.round(2 * r));
  const top = doubled.reduce((sum, r) => sum + r, 0);
  const ways = Array.from({ length: m + 1 }, () => new Float64Array(top + 1));
  ways[0]![0] = 1;
  for (const r of doubled) for (let k = m; k >= 1; k--) for (let s = top; s >= r; s--) ways[k]![s]! += ways[k - 1]![s - r]!;
  const centre = (m * (ranks.length + 1)) / 2;
  const far = Math.abs(rankSum - centre);
  let [count, greater, less] = [0, 0, 0];
  ways[m]!.forEach((w, s) => {
    if (Math.abs(s / 2 - centre) >= far - 1e-9) count += w;
    if (s / 2 >= rankSum - 1e-9) greater += w;
    if (s / 2 <= rankSum + 1e-9) less += w;
  });
  const all = choose(ranks.length, m);
  return { p: count / all, pGreater: greater / all, pLess: less / all };
}
