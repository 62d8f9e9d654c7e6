import tCdf from '@stdlib/stats-base-dists-t-cdf';
import { mean, standardDeviation } from '../../statistics/descriptives';

/** One-sided p of a mean above zero (Student's t); 1 where too few or no spread can tell. */
export function aboveZero(differences: readonly number[]): number {
  if (differences.length < 3) return 1;
  const m = mean(differences);
  const sd = standardDeviation(differences);
  if (sd === 0) return m > 0 ? 0 : 1;
  return tCdf(-m / (sd / Math.sqrt(differences.length)), differences.length - 1);
}

/** Chance of at least k of the events of these chances (Poisson-binomial), by counting all ways. */
export function atLeast(k: number, chances: readonly number[]): number {
  let ways = [1];
  for (const p of chances) {
    const next = new Array<number>(ways.length + 1).fill(0);
    ways.forEach((w, i) => {
      next[i]! += w * (1 - p);
      next[i + 1]! += w * p;
    });
    ways = next;
  }
  return Math.min(
    1,
    ways.slice(k).reduce((a, b) => a + b, 0),
  );
}

/** Chance of at least `drawn` marked among `of` drawn without looking from `all`, of which `marked` are (hypergeometric tail). */
export function drawnAtLeast(drawn: number, of: number, marked: number, all: number): number {
  let p = 0;
  for (let k = drawn; k <= Math.min(of, marked); k++)
    if (of - k <= all - marked) p += Math.exp(logChoose(marked, k) + logChoose(all - marked, of - k) - logChoose(all, of));
  return Math.min(1, p);
}

function logChoose(n: number, k: number): number {
  let log = 0;
  for (let i = 1; i <= k; i++) log += Math.log((n - k + i) / i);
  return log;
}
