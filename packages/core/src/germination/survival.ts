import { chiTail } from '../statistics/tails';
import { type Result } from '../result/result';

/** One seed: the day it was seen up, or the last day it was not (censored). */
export interface SeedTime {
  time: number;
  up: boolean;
}

export interface SurvivalStep {
  time: number;
  atRisk: number;
  events: number;
  /** Share not up yet just after this day. */
  survival: number;
  /** Greenwood's standard error of it. */
  se: number;
}

/** Share of seeds not up yet, day by day (Kaplan and Meier 1958; standard error by Greenwood 1926). */
export function kaplanMeier(seeds: readonly SeedTime[]): SurvivalStep[] {
  let survival = 1;
  let greenwood = 0;
  return eventDays(seeds).map((time) => {
    const atRisk = seeds.filter((s) => s.time >= time).length;
    const events = seeds.filter((s) => s.up && s.time === time).length;
    survival *= 1 - events / atRisk;
    greenwood += events / (atRisk * (atRisk - events));
    return { time, atRisk, events, survival, se: survival === 0 ? 0 : survival * Math.sqrt(greenwood) };
  });
}

/** Day by which half of the seeds were up; in the middle of a stretch at exactly one half; null when it was not reached. */
export function medianTime(steps: readonly SurvivalStep[]): number | null {
  const HALF = 0.5 + 1e-9;
  const at = steps.findIndex((s) => s.survival <= HALF);
  if (at < 0) return null;
  const level = Math.abs(steps[at]!.survival - 0.5) <= 1e-9;
  const next = steps.slice(at + 1).find((s) => s.survival < steps[at]!.survival);
  return level && next ? (steps[at]!.time + next.time) / 2 : steps[at]!.time;
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
  if (k < 2 || groups.some((g) => g.length === 0))
    return { ok: false, reason: 'At least two groups with a seed each are needed.' };
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
  if (solved === null) return { ok: false, reason: 'No two groups were waiting at the same time, so they cannot be compared.' };
  const chi2 = excess.reduce((sum, e, i) => sum + e * solved[i]!, 0);
  return { ok: true, chi2, df: k - 1, p: chiTail(chi2, k - 1), observed, expected };
}

/** Solves a small symmetric system by elimination with pivots; null when it is singular. */
function solve(matrix: readonly (readonly number[])[], right: readonly number[]): number[] | null {
  const rows = matrix.map((row, i) => [...row, right[i]!]);
  const n = rows.length;
  for (let c = 0; c < n; c++) {
    const pivot = rows
      .slice(c)
      .reduce((best, _, i) => (Math.abs(rows[c + i]![c]!) > Math.abs(rows[best]![c]!) ? c + i : best), c);
    [rows[c], rows[pivot]] = [rows[pivot]!, rows[c]!];
    if (Math.abs(rows[c]![c]!) < 1e-12) return null;
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const factor = rows[r]![c]! / rows[c]![c]!;
      for (let j = c; j <= n; j++) rows[r]![j]! -= factor * rows[c]![j]!;
    }
  }
  return rows.map((row, i) => row[n]! / row[i]!);
}
