import { say } from '@bright-sprout/words/say';
import { noAnswer, type Result } from '../result/result';
import { wilson } from '../statistics/proportions';
import { type Interval } from '../statistics/descriptives';

/** Newly sprouted seeds at each check, days counted from sowing in ascending order. */
export interface GerminationCounts {
  checkDay: readonly number[];
  newlyUp: readonly number[];
  sown: number;
}

/** Classroom indices of one container or dish; null where too few seeds came up. */
export interface GerminationIndices {
  germinated: number;
  finalPercent: number;
  finalInterval: Interval;
  /** Mean germination time Σnt/Σn in days, its SD and SE. */
  meanTime: number | null;
  meanTimeSd: number | null;
  meanTimeSe: number | null;
  /** Day by which half of those that came up were up (Farooq et al. 2005; Coolbear et al. 1984). */
  t50Farooq: number | null;
  t50Coolbear: number | null;
  /** Day by which half of those sown were up; null when that never happened. */
  t50OfSown: number | null;
  /** First and last day on which a seed was seen up, and the days between; null where none was. */
  firstDay: number | null;
  lastDay: number | null;
  spreadDays: number | null;
  /** Germination rate index Σn/t, seeds a day (Maguire 1962), and per 100 seeds sown. */
  germinationRateIndex: number;
  germinationRateIndexPercent: number;
  /** Coefficient of velocity of germination, 100Σn/Σnt (Kotowski 1926). */
  coefficientOfVelocity: number | null;
  /** Synchrony Z and uncertainty U in bits (Ranal and Santana 2006). */
  synchrony: number | null;
  uncertainty: number | null;
  /** Timson's sum of cumulative percent over the checks made, and over every whole day up to the last. */
  timsonChecks: number;
  timsonDaily: number;
}

/** The indices of SCIENCE's classroom school; the cumulative curve starts at (0, 0) and crossings are linear between checks. */
export function germinationIndices({ checkDay, newlyUp, sown }: GerminationCounts): Result<GerminationIndices> {
  const problem = countsProblem({ checkDay, newlyUp, sown });
  if (problem) return noAnswer(problem);
  const n = newlyUp.reduce((sum, c) => sum + c, 0);
  const cumulative: number[] = [];
  newlyUp.forEach((c, i) => cumulative.push((cumulative[i - 1] ?? 0) + c));
  const seedDays = newlyUp.reduce((sum, c, i) => sum + c * checkDay[i]!, 0);
  const meanTime = n === 0 ? null : seedDays / n;
  const variance =
    meanTime === null || n < 2 ? null : newlyUp.reduce((sum, c, i) => sum + c * (checkDay[i]! - meanTime) ** 2, 0) / (n - 1);
  const last = checkDay[checkDay.length - 1] ?? 0;
  const percentOn = (day: number) => {
    let up = 0;
    checkDay.forEach((d, i) => (up = d <= day ? cumulative[i]! : up));
    return (100 * up) / sown;
  };
  const share = wilson(n, sown);
  if (!share.ok) return share;
  const { low, high } = share.interval;
  const seen = checkDay.filter((_, i) => newlyUp[i]! > 0);
  const [firstDay, lastDay] = [seen[0] ?? null, seen[seen.length - 1] ?? null];
  const rateIndex = newlyUp.reduce((sum, c, i) => (c === 0 ? sum : sum + c / checkDay[i]!), 0);
  return {
    ok: true,
    germinated: n,
    finalPercent: (100 * n) / sown,
    finalInterval: { low: 100 * low, high: 100 * high },
    meanTime,
    meanTimeSd: variance === null ? null : Math.sqrt(variance),
    meanTimeSe: variance === null ? null : Math.sqrt(variance / n),
    t50Farooq: n === 0 ? null : crossing(checkDay, cumulative, n / 2),
    t50Coolbear: n === 0 ? null : crossing(checkDay, cumulative, (n + 1) / 2),
    t50OfSown: crossing(checkDay, cumulative, sown / 2),
    firstDay,
    lastDay,
    spreadDays: firstDay === null ? null : lastDay! - firstDay,
    germinationRateIndex: rateIndex,
    germinationRateIndexPercent: (100 * rateIndex) / sown,
    coefficientOfVelocity: seedDays === 0 ? null : (100 * n) / seedDays,
    synchrony: n < 2 ? null : newlyUp.reduce((sum, c) => sum + (c * (c - 1)) / 2, 0) / ((n * (n - 1)) / 2),
    uncertainty: n === 0 ? null : newlyUp.reduce((sum, c) => (c === 0 ? sum : sum - (c / n) * Math.log2(c / n)), 0) + 0,
    timsonChecks: cumulative.reduce((sum, c) => sum + (100 * c) / sown, 0),
    timsonDaily: Array.from({ length: last }, (_, i) => percentOn(i + 1)).reduce((sum, p) => sum + p, 0),
  };
}

/** Why counts of sprouted seeds cannot be right, in words; null where they can. */
function countsProblem({ checkDay, newlyUp, sown }: GerminationCounts): string | null {
  if (!Number.isInteger(sown) || sown < 1) return say('germination.leastSeedSown');
  if (checkDay.length !== newlyUp.length) return say('germination.everyCheckNeedsDay');
  if (newlyUp.some((n) => !Number.isInteger(n) || n < 0)) return say('germination.newlySproutedSeedsCounted');
  if (checkDay.some((d, i) => !Number.isFinite(d) || !(d > (checkDay[i - 1] ?? 0))))
    return say('germination.checksComeAfterAnother');
  const up = newlyUp.reduce((a, b) => a + b, 0);
  return up > sown ? say('germination.comeOnlySown', { up, sown }) : null;
}

/** First day at which the cumulative curve reaches a level; null when it never does. */
function crossing(days: readonly number[], cumulative: readonly number[], level: number): number | null {
  for (let i = 0; i < days.length; i++) {
    if (cumulative[i]! < level) continue;
    const [day, up] = i === 0 ? [0, 0] : [days[i - 1]!, cumulative[i - 1]!];
    return day + ((level - up) * (days[i]! - day)) / (cumulative[i]! - up);
  }
  return null;
}
