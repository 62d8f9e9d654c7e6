import { say } from '@bright-sprout/words/say';
import { noAnswer, type Result } from '../result/result';
import { quantile } from './quantile';
import tQuantile from '@stdlib/stats-base-dists-t-quantile';

export interface Interval {
  low: number;
  high: number;
}

/** Arithmetic mean; NaN-free because callers pass at least one value. */
export function mean(values: readonly number[]): number {
  return values.reduce((sum, v) => sum + v, 0) / values.length;
}

/** Values that differ by a smaller share of themselves are equal: three times 25.4 is not quite three times its mean. */
const ROUNDING = 1e-10;

/** Whether squares that are left over of values are nothing but the rounding of arithmetic. */
export function isRounding(squares: number, values: readonly number[]): boolean {
  const largest = values.reduce((most, v) => Math.max(most, Math.abs(v)), 0);
  return squares <= values.length * (ROUNDING * largest) ** 2;
}

/** Σ(v − mean)²; exactly 0 where all values are equal. */
export function squaresAboutMean(values: readonly number[]): number {
  const m = mean(values);
  const squares = values.reduce((sum, v) => sum + (v - m) ** 2, 0);
  return isRounding(squares, values) ? 0 : squares;
}

/** Sample standard deviation (n − 1), in the unit of the values; NaN-free because callers pass at least two. */
export function standardDeviation(values: readonly number[]): number {
  return Math.sqrt(squaresAboutMean(values) / (values.length - 1));
}

export interface Descriptives {
  n: number;
  mean: number;
  median: number;
  min: number;
  max: number;
  q1: number;
  q3: number;
  /** Interquartile range q3 − q1. */
  iqr: number;
  /** null for a single value */
  sd: number | null;
  se: number | null;
  /** Coefficient of variation 100·sd/mean; null for a single value or a mean of 0. */
  cvPercent: number | null;
  /** t interval of the mean, 95 %; null for a single value */
  interval: Interval | null;
}

/** Counts, centre and spread of one group, in the unit of the values. */
export function describe(values: readonly number[], level = 0.95): Result<Descriptives> {
  if (values.length === 0) return noAnswer(say('statistics.valueDescribe'));
  if (!values.every(Number.isFinite)) return noAnswer(say('statistics.valueNumberCannotDescribed'));
  const n = values.length;
  const m = mean(values);
  const sd = n < 2 ? null : standardDeviation(values);
  const se = sd === null ? null : sd / Math.sqrt(n);
  const [q1, q3] = [quantile(values, 0.25), quantile(values, 0.75)];
  const half = se === null ? null : tQuantile((1 + level) / 2, n - 1) * se;
  return {
    ok: true,
    n,
    mean: m,
    median: quantile(values, 0.5),
    min: quantile(values, 0),
    max: quantile(values, 1),
    q1,
    q3,
    iqr: q3 - q1,
    sd,
    se,
    cvPercent: sd === null || m === 0 ? null : (100 * sd) / m,
    interval: half === null ? null : { low: m - half, high: m + half },
  };
}
