import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { type Interval, mean, standardDeviation } from './descriptives';
import { type Result } from '../result/result';

export interface Agreement {
  n: number;
  /** Mean of b − a, with its 95 % t interval. */
  bias: number;
  biasInterval: Interval;
  sdOfDifferences: number;
  /** Limits of agreement, bias ± 1.96 SD (Bland and Altman 1986). */
  limits: Interval;
  /** Standard deviation of one reading about the plant's own mean. */
  withinSd: number;
  /** Two readings of one plant differ by more than this once in twenty. */
  repeatability: number;
  /** Two-way random, absolute agreement, single reading (Shrout and Fleiss 1979); null where plants do not differ. */
  icc21: number | null;
}

/** How far two observers agree on the same plants, each measured once by both; in the unit of the values. */
export function agreement(a: readonly number[], b: readonly number[]): Result<Agreement> {
  const n = a.length;
  if (n !== b.length) return { ok: false, reason: 'Each plant needs a reading of both observers.' };
  if (n < 2) return { ok: false, reason: 'At least two plants have to be measured by both.' };
  const differences = b.map((v, i) => v - a[i]!);
  const bias = mean(differences);
  const sd = standardDeviation(differences)!;
  const half = (tQuantile(0.975, n - 1) * sd) / Math.sqrt(n);
  const withinSd = Math.sqrt(differences.reduce((sum, d) => sum + d * d, 0) / (2 * n));
  const plants = a.map((v, i) => (v + b[i]!) / 2);
  const rows = 2 * standardDeviation(plants)! ** 2;
  const columns = (n * bias ** 2) / 2;
  const residual = sd ** 2 / 2;
  const whole = rows + residual + (2 * (columns - residual)) / n;
  return {
    ok: true,
    n,
    bias,
    biasInterval: { low: bias - half, high: bias + half },
    sdOfDifferences: sd,
    limits: { low: bias - 1.96 * sd, high: bias + 1.96 * sd },
    withinSd,
    repeatability: 1.96 * Math.SQRT2 * withinSd,
    icc21: whole === 0 ? null : (rows - residual) / whole,
  };
}
