import { say } from '@bright-sprout/words/say';
import { mean, standardDeviation } from '../statistics/descriptives';
import { noAnswer, type Result } from '../result/result';

/** One plant's heights in time order; days and any unit of length. */
export interface GrowthSeries {
  t: readonly number[];
  h: readonly number[];
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
