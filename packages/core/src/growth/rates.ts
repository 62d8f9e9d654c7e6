import { say } from '@bright-sprout/words/say';
import { mean, standardDeviation } from '../statistics/descriptives';
import { noAnswer, type Result } from '../result/result';

/** One plant's heights in time order; days and any unit of length. */
export interface GrowthSeries {
  t: readonly number[];
  h: readonly number[];
}

export interface GrowthStep {
  from: number;
  to: number;
  /** Absolute rate, length a day. */
  absolute: number;
  /** Relative rate (ln h₂ − ln h₁)/(t₂ − t₁), per day; null where a height is not above 0. */
  relative: number | null;
}

/** Why heights in time are no series, in words; null where they are. */
function seriesProblem({ t, h }: GrowthSeries): string | null {
  if (t.length !== h.length) return say('growth.everyHeightNeedsDay');
  if (![...t, ...h].every(Number.isFinite)) return say('growth.heightsDaysNumbers');
  if (t.length < 2) return say('growth.growthSeenBetweenTwo');
  return t.some((day, i) => i > 0 && !(day > t[i - 1]!)) ? say('growth.looksComeAfterAnother') : null;
}

/** Rates between successive checks. */
export function growthSteps({ t, h }: GrowthSeries): Result<{ steps: GrowthStep[] }> {
  const problem = seriesProblem({ t, h });
  if (problem) return noAnswer(problem);
  const steps = t.slice(1).map((to, i) => {
    const span = to - t[i]!;
    const [h1, h2] = [h[i]!, h[i + 1]!];
    return { from: t[i]!, to, absolute: (h2 - h1) / span, relative: h1 > 0 && h2 > 0 ? Math.log(h2 / h1) / span : null };
  });
  return { ok: true, steps };
}

/** Area under the line through the heights, length × days (trapezoids). */
export function areaUnderCurve({ t, h }: GrowthSeries): Result<{ area: number }> {
  const problem = seriesProblem({ t, h });
  if (problem) return noAnswer(problem);
  const area = t.slice(1).reduce((sum, to, i) => sum + ((h[i]! + h[i + 1]!) / 2) * (to - t[i]!), 0);
  return { ok: true, area };
}

export interface GroupRelativeRate {
  /** Difference of the mean logs over the time between: unbiased (Hoffmann and Poorter 2002). */
  rate: number;
  /** Standard error when the same plants were measured twice (null where numbers differ), and when others were; null for single plants. */
  seSamePlants: number | null;
  seOtherPlants: number | null;
  doublingTime: number | null;
}

/**
 * Relative growth rate of a group between two days, per day. Where `first` and `last` list the same plants in the same order the
 * error of the same plants holds; where plants were lost or others were taken, that of other plants does.
 */
export function groupRelativeRate(first: readonly number[], last: readonly number[], days: number): Result<GroupRelativeRate> {
  if (first.length === 0 || last.length === 0) return noAnswer(say('growth.plantsMeasuredBothDays'));
  if ([...first, ...last].some((h) => !(h > 0 && Number.isFinite(h)))) return noAnswer(say('growth.relativeRateNeedsHeights'));
  if (!(days > 0)) return noAnswer(say('growth.secondDayComeAfter'));
  const [l1, l2] = [first.map(Math.log), last.map(Math.log)];
  const rate = (mean(l2) - mean(l1)) / days;
  const [n1, n2] = [first.length, last.length];
  const several = n1 > 1 && n2 > 1;
  const seSamePlants = () => standardDeviation(l2.map((l, i) => (l - l1[i]!) / days)) / Math.sqrt(n1);
  const seOtherPlants = () => Math.sqrt(standardDeviation(l1) ** 2 / n1 + standardDeviation(l2) ** 2 / n2) / days;
  return {
    ok: true,
    rate,
    seSamePlants: several && n1 === n2 ? seSamePlants() : null,
    seOtherPlants: several ? seOtherPlants() : null,
    doublingTime: rate > 0 ? Math.LN2 / rate : null,
  };
}
