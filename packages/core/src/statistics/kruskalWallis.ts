import { say } from '@bright-sprout/words/say';
import { type Result } from '../result/result';
import { midranks, tieSum } from './ranks';
import { chiTail } from './tails';

/** Kruskal and Wallis (1952) with the correction for ties; chi-squared approximation. */
export function kruskalWallis(groups: readonly (readonly number[])[]): Result<{ h: number; df: number; p: number }> {
  if (groups.length < 2 || groups.some((g) => g.length === 0))
    return { ok: false, reason: say('statistics.leastTwoGroupsValue') };
  const pooled = groups.flat();
  const n = pooled.length;
  const ties = 1 - tieSum(pooled) / (n ** 3 - n);
  if (ties === 0) return { ok: false, reason: say('statistics.valuesEqualRanksSay') };
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
