import { say } from '@bright-sprout/words/say';
import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { type Interval, isRounding, mean } from './descriptives';
import { type Result } from '../result/result';
import { tTails } from './tails';

const TOO_FEW = {
  ok: false,
  get reason() {
    return say('statistics.relationNeedsLeastThree');
  },
} as const;
const LEVEL = {
  ok: false,
  get reason() {
    return say('statistics.valuesSideEqualNothing');
  },
} as const;

function sums(x: readonly number[], y: readonly number[]) {
  const [mx, my] = [mean(x), mean(y)];
  const sum = (f: (i: number) => number) => x.reduce((total, _, i) => total + f(i), 0);
  return {
    mx,
    my,
    sxx: sum((i) => (x[i]! - mx) ** 2),
    syy: sum((i) => (y[i]! - my) ** 2),
    sxy: sum((i) => (x[i]! - mx) * (y[i]! - my)),
  };
}

export interface StraightLine {
  n: number;
  intercept: number;
  slope: number;
  seIntercept: number;
  seSlope: number;
  /** 95 %, t with n − 2 degrees of freedom. */
  slopeInterval: Interval;
  t: number;
  p: number;
  r2: number;
  residualSd: number;
  /** Level of the line at x with the 95 % bands of the line and of one new value. */
  at: (x: number) => { y: number; line: Interval; value: Interval };
}

/** Ordinary least squares of y on x: for a dose series with its band. */
export function straightLine(x: readonly number[], y: readonly number[]): Result<StraightLine> {
  if (x.length !== y.length || x.length < 3) return TOO_FEW;
  const { mx, my, sxx, syy, sxy } = sums(x, y);
  if (isRounding(sxx, x)) return LEVEL;
  const n = x.length;
  const slope = sxy / sxx;
  const intercept = my - slope * mx;
  const rss = x.reduce((sum, v, i) => sum + (y[i]! - intercept - slope * v) ** 2, 0);
  const residualSd = Math.sqrt(rss / (n - 2));
  if (isRounding(rss, y)) return { ok: false, reason: say('statistics.pointsLieLineExactly') };
  const seSlope = residualSd / Math.sqrt(sxx);
  const critical = tQuantile(0.975, n - 2);
  const t = slope / seSlope;
  const around = (middle: number, half: number): Interval => ({ low: middle - half, high: middle + half });
  return {
    ok: true,
    n,
    intercept,
    slope,
    seIntercept: residualSd * Math.sqrt(1 / n + mx ** 2 / sxx),
    seSlope,
    slopeInterval: around(slope, critical * seSlope),
    t,
    p: tTails(t, n - 2),
    r2: sxy ** 2 / (sxx * syy),
    residualSd,
    at: (at) => {
      const level = intercept + slope * at;
      const lever = 1 / n + (at - mx) ** 2 / sxx;
      return {
        y: level,
        line: around(level, critical * residualSd * Math.sqrt(lever)),
        value: around(level, critical * residualSd * Math.sqrt(1 + lever)),
      };
    },
  };
}
