import betaQuantile from '@stdlib/stats-base-dists-beta-quantile';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import gammaln from '@stdlib/math-base-special-gammaln';
import { type Interval } from './descriptives';

/** Score interval of x of n (Wilson 1927), clipped to 0 … 1; n at least 1. */
export function wilson(x: number, n: number, level = 0.95): Interval {
  const z = normalQuantile((1 + level) / 2, 0, 1);
  const p = x / n;
  const scale = 1 + z ** 2 / n;
  const centre = (p + z ** 2 / (2 * n)) / scale;
  const half = (z * Math.sqrt((p * (1 - p)) / n + z ** 2 / (4 * n ** 2))) / scale;
  return { low: Math.max(0, centre - half), high: Math.min(1, centre + half) };
}

/** Exact interval of x of n (Clopper and Pearson 1934); n at least 1. */
export function clopperPearson(x: number, n: number, level = 0.95): Interval {
  const tail = (1 - level) / 2;
  return { low: x === 0 ? 0 : betaQuantile(tail, x, n - x + 1), high: x === n ? 1 : betaQuantile(1 - tail, x + 1, n - x) };
}

/** Difference of two shares, second − first, with the hybrid score interval (Newcombe 1998, method 10). */
export function newcombe(x1: number, n1: number, x2: number, n2: number): { difference: number; interval: Interval } {
  const [p1, p2] = [x1 / n1, x2 / n2];
  const [w1, w2] = [wilson(x1, n1), wilson(x2, n2)];
  const difference = p2 - p1;
  return {
    difference,
    interval: {
      low: difference - Math.hypot(p2 - w2.low, w1.high - p1),
      high: difference + Math.hypot(w2.high - p2, p1 - w1.low),
    },
  };
}

/**
 * Two-sided p of a 2 × 2 table with fixed margins (Fisher 1935): the sum of the probabilities of all tables no likelier than
 * the one seen, with a relative slack of 1e-7 for equal ones.
 */
export function fisherTwoByTwo(x1: number, n1: number, x2: number, n2: number): number {
  const up = x1 + x2;
  const logChoose = (n: number, k: number) => gammaln(n + 1) - gammaln(k + 1) - gammaln(n - k + 1);
  const logP = (k: number) => logChoose(n1, k) + logChoose(n2, up - k) - logChoose(n1 + n2, up);
  const seen = logP(x1);
  let p = 0;
  for (let k = Math.max(0, up - n2); k <= Math.min(n1, up); k++) if (logP(k) <= seen + 1e-7) p += Math.exp(logP(k));
  return Math.min(1, p);
}
