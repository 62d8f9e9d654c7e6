import { say } from '@bright-sprout/words/say';
import { chiTail } from '../statistics/tails';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import { solve } from '../statistics/leastSquares';
import { noAnswer, type Result } from '../result/result';
import { type Interval } from '../statistics/descriptives';

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
  /** 95 % limits by the wanted scale, within 0 and 1; null where nothing is left to wait. */
  limits: Interval | null;
}

/** Scale on which limits are symmetric: of the share itself, of its logarithm, or of the logarithm of minus that. */
export type SurvivalScale = 'plain' | 'log' | 'log-log';

export interface KaplanMeier {
  steps: SurvivalStep[];
  /** Day by which half of the seeds were up; in the middle of a stretch at exactly one half; null when it was not reached. */
  median: number | null;
  /** Days at which the limits reach one half (Brookmeyer and Crowley 1982); a null end was not reached. */
  medianInterval: { low: number | null; high: number | null };
  /** Mean days of waiting up to the last look: the area under the curve. */
  restrictedMean: number;
}

/**
 * Share of seeds not up yet, day by day (Kaplan and Meier 1958; standard error by Greenwood 1926). Seeds that were never seen
 * up wait beyond their last day.
 */
export function kaplanMeier(seeds: readonly SeedTime[], scale: SurvivalScale = 'log-log', level = 0.95): Result<KaplanMeier> {
  if (seeds.length === 0) return noAnswer(say('germination.seedWait'));
  if (seeds.some((s) => !Number.isFinite(s.time) || s.time < 0)) return noAnswer(say('germination.everySeedNeedsDay'));
  const z = normalQuantile((1 + level) / 2, 0, 1);
  let survival = 1;
  let greenwood = 0;
  const steps = eventDays(seeds).map((time): SurvivalStep => {
    const atRisk = seeds.filter((s) => s.time >= time).length;
    const events = seeds.filter((s) => s.up && s.time === time).length;
    survival *= 1 - events / atRisk;
    greenwood += events / (atRisk * (atRisk - events));
    const se = survival === 0 ? 0 : survival * Math.sqrt(greenwood);
    return { time, atRisk, events, survival, se, limits: limitsOf(survival, se, z, scale) };
  });
  const last = Math.max(...seeds.map((s) => s.time));
  return {
    ok: true,
    steps,
    median: half(steps, (s) => s.survival),
    medianInterval: {
      low: half(steps, (s) => s.limits?.low ?? 0),
      high: half(steps, (s) => s.limits?.high ?? null),
    },
    restrictedMean: areaUnder(steps, last),
  };
}

function limitsOf(survival: number, se: number, z: number, scale: SurvivalScale): Interval | null {
  if (survival === 0) return null;
  const within = (v: number) => Math.min(1, Math.max(0, v));
  if (scale === 'plain') return { low: within(survival - z * se), high: within(survival + z * se) };
  const spread = (z * se) / survival;
  if (scale === 'log') return { low: within(survival * Math.exp(-spread)), high: within(survival * Math.exp(spread)) };
  const about = spread / -Math.log(survival);
  return { low: within(survival ** Math.exp(about)), high: within(survival ** Math.exp(-about)) };
}

/** Day at which a falling curve reaches one half; in the middle of a stretch at exactly one half. */
function half(steps: readonly SurvivalStep[], of: (step: SurvivalStep) => number | null): number | null {
  const HALF = 0.5 + 1e-9;
  const at = steps.findIndex((s) => (of(s) ?? 1) <= HALF);
  if (at < 0) return null;
  const value = of(steps[at]!)!;
  const next = steps.slice(at + 1).find((s) => (of(s) ?? 1) < value);
  return Math.abs(value - 0.5) <= 1e-9 && next ? (steps[at]!.time + next.time) / 2 : steps[at]!.time;
}

function areaUnder(steps: readonly SurvivalStep[], last: number): number {
  let [area, from, height] = [0, 0, 1];
  for (const { time, survival } of steps) {
    area += height * (time - from);
    [from, height] = [time, survival];
  }
  return area + height * (last - from);
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
