import { say } from '@bright-sprout/words/say';
import gammaln from '@stdlib/math-base-special-gammaln';
import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { noAnswer, type Result } from '../result/result';

/** Two groups of n containers each, a common spread, a two-sided test; only the tail in the effect's direction counts. */
export interface TwoGroupPlan {
  /** Containers per group; need not be whole while solving. */
  n: number;
  /** Difference and standard deviation between containers, in the same unit. */
  difference: number;
  sd: number;
  alpha?: number;
}

const PANELS = 2000;

/** P(T ≤ t) for the noncentral t distribution: Φ(t·s − shift) averaged over s = χ/√df (Simpson's rule). */
function noncentralT(t: number, df: number, shift: number): number {
  const log = Math.log(2) + (df / 2) * Math.log(df / 2) - gammaln(df / 2);
  const [from, to] = [Math.max(0, 1 - 12 / Math.sqrt(2 * df)), 1 + 12 / Math.sqrt(2 * df)];
  const h = (to - from) / PANELS;
  let sum = 0;
  for (let i = 0; i <= PANELS; i++) {
    const s = from + i * h;
    if (s === 0 && df > 1) continue;
    const density = Math.exp(log + (df - 1) * Math.log(s) - (df * s * s) / 2);
    sum += (i === 0 || i === PANELS ? 1 : i % 2 === 1 ? 4 : 2) * normalCdf(t * s - shift, 0, 1) * density;
  }
  return Math.min(1, (sum * h) / 3);
}

/** Chance that a t test of two groups shows a true difference; 0 to 1. */
export function powerOfT({ n, difference, sd, alpha = 0.05 }: TwoGroupPlan): number {
  const df = 2 * (n - 1);
  if (df <= 0 || !(sd > 0)) return 0;
  const shift = (Math.abs(difference) / sd) * Math.sqrt(n / 2);
  return 1 - noncentralT(tQuantile(1 - alpha / 2, df), df, shift);
}

/** Containers per group for a wanted chance: unrounded, and rounded up with the chance they give. */
export function containersNeeded(
  difference: number,
  sd: number,
  power = 0.8,
  alpha = 0.05,
): Result<{ n: number; unrounded: number; power: number }> {
  if (!(Math.abs(difference) > 0) || !(sd > 0)) return noAnswer(say('power.differenceSpreadAboveZero'));
  const at = (n: number) => powerOfT({ n, difference, sd, alpha });
  if (at(MOST) < power) return noAnswer(say('power.moreContainersGroupNeeded', { most: MOST }));
  const unrounded = Math.max(
    2,
    solve((n) => at(n) - power, 1.0001, MOST),
  );
  const n = Math.ceil(unrounded - 1e-9);
  return { ok: true, n, unrounded, power: at(n) };
}

const MOST = 10_000;

/** Smallest difference that shows with the wanted chance, in the unit of sd. */
export function smallestDifference(n: number, sd: number, power = 0.8, alpha = 0.05): Result<{ difference: number }> {
  if (n < 2) return noAnswer(say('power.spreadWithinGroupsNeeds'));
  if (!(sd > 0)) return noAnswer(say('power.spreadAboveZeroNeeded'));
  return { ok: true, difference: sd * solve((difference) => powerOfT({ n, difference, sd: 1, alpha }) - power, 0, 100) };
}

/** Where a rising function crosses zero, by halving. */
function solve(f: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let i = 0; i < 200 && high - low > 1e-10 * high; i++) {
    const middle = (low + high) / 2;
    if (f(middle) < 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
