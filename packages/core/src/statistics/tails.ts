import gammainc from '@stdlib/math-base-special-gammainc';
import fCdf from '@stdlib/stats-base-dists-f-cdf';
import tCdf from '@stdlib/stats-base-dists-t-cdf';

/** Upper tail of the F distribution, through its reciprocal so that small p keep their digits. */
export function fTail(f: number, df1: number, df2: number): number {
  return f <= 0 ? 1 : fCdf(1 / f, df2, df1);
}

/** Upper tail of the chi-squared distribution, from the upper incomplete gamma function so that small p keep their digits. */
export function chiTail(x: number, df: number): number {
  return x <= 0 ? 1 : gammainc(x / 2, df / 2, true, true);
}

/** Two-sided p of a t value. */
export function tTails(t: number, df: number): number {
  return 2 * tCdf(-Math.abs(t), df);
}
