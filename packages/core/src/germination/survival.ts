import { say } from '@bright-sprout/words/say';
import { chiTail } from '../statistics/tails';
import { solve } from '../statistics/leastSquares';
import { type Result } from '../result/result';

/** One seed: the day it was seen up, or the last day it was not (censored). */
export interface SeedTime {
  time: number;
  up: boolean;
}

function eventDays(seeds: readonly SeedTime[]): number[] {
  return [...new Set(seeds.filter((s) => s.up).map((s) => s.time))].sort((a, b) => a - b);
}

export interface LogRank {
  chi2: number;
  df: number;
  p: number;
  observed: number[];
  expected: number[];
}

/** Compares when the seeds of several groups came up (log-rank test, Mantel 1966). Meant for one seed a container. */
export function logRank(groups: readonly (readonly SeedTime[])[]): Result<LogRank> {
  const k = groups.length;
  if (k < 2 || groups.some((g) => g.length === 0)) return { ok: false, reason: say('germination.leastTwoGroupsSeed') };
  const all = groups.flat();
  const observed = groups.map((g) => g.filter((s) => s.up).length);
  const expected = new Array<number>(k).fill(0);
  const covariance = Array.from({ length: k - 1 }, () => new Array<number>(k - 1).fill(0));
  for (const time of eventDays(all)) {
    const risk = groups.map((g) => g.filter((s) => s.time >= time).length);
    const n = risk.reduce((sum, r) => sum + r, 0);
    const d = all.filter((s) => s.up && s.time === time).length;
    risk.forEach((r, i) => (expected[i]! += (d * r) / n));
    if (n < 2) continue;
    const factor = (d * (n - d)) / (n - 1);
    for (let i = 0; i < k - 1; i++)
      for (let j = 0; j < k - 1; j++)
        covariance[i]![j]! += factor * ((i === j ? risk[i]! / n : 0) - (risk[i]! * risk[j]!) / n ** 2);
  }
  const excess = observed.slice(0, -1).map((o, i) => o - expected[i]!);
  const solved = solve(covariance, excess);
  if (solved === null) return { ok: false, reason: say('germination.twoGroupsWaitingSame') };
  const chi2 = excess.reduce((sum, e, i) => sum + e * solved[i]!, 0);
  return { ok: true, chi2, df: k - 1, p: chiTail(chi2, k - 1), observed, expected };
}
