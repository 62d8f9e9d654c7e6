import { say } from '@bright-sprout/words/say';
import betaQuantile from '@stdlib/stats-base-dists-beta-quantile';
import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { type Interval, isRounding, mean, standardDeviation } from './descriptives';
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
  /** Its 95 % interval (McGraw and Wong 1996); null where there is none. */
  icc21Interval: Interval | null;
}

/** How far two observers agree on the same plants, each measured once by both; in the unit of the values. */
export function agreement(a: readonly number[], b: readonly number[]): Result<Agreement> {
  const n = a.length;
  if (n !== b.length) return { ok: false, reason: say('statistics.plantNeedsReadingBoth') };
  if (n < 2) return { ok: false, reason: say('statistics.leastTwoPlantsMeasured') };
  const differences = b.map((v, i) => v - a[i]!);
  const bias = mean(differences);
  const sd = standardDeviation(differences);
  const half = (tQuantile(0.975, n - 1) * sd) / Math.sqrt(n);
  const withinSd = Math.sqrt(differences.reduce((sum, d) => sum + d * d, 0) / (2 * n));
  const plants = a.map((v, i) => (v + b[i]!) / 2);
  const rows = 2 * standardDeviation(plants) ** 2;
  const columns = (n * bias ** 2) / 2;
  const residual = sd ** 2 / 2;
  const whole = rows + residual + (2 * (columns - residual)) / n;
  const icc = isRounding(Math.abs(whole), [...a, ...b]) ? null : (rows - residual) / whole;
  return {
    ok: true,
    n,
    bias,
    biasInterval: { low: bias - half, high: bias + half },
    sdOfDifferences: sd,
    limits: { low: bias - 1.96 * sd, high: bias + 1.96 * sd },
    withinSd,
    repeatability: 1.96 * Math.SQRT2 * withinSd,
    icc21: icc,
    icc21Interval: icc === null ? null : iccInterval(icc, { n, rows, columns, residual }),
  };
}

/** Mean squares of plants (rows), observers (columns) and what is left. */
interface MeanSquares {
  n: number;
  rows: number;
  columns: number;
  residual: number;
}

const OBSERVERS = 2;

/** Limits of ICC(2,1) for two observers, from F with Satterthwaite's degrees of freedom; null where they are not defined. */
function iccInterval(icc: number, { n, rows, columns, residual }: MeanSquares): Interval | null {
  const k = OBSERVERS;
  if (icc >= 1 || (columns === 0 && residual === 0)) return null;
  const a = (k * icc) / (n * (1 - icc));
  const b = 1 + (k * icc * (n - 1)) / (n * (1 - icc));
  const parts = (a * columns) ** 2 / (k - 1) + (b * residual) ** 2 / ((n - 1) * (k - 1));
  if (!(parts > 0)) return null;
  const v = (a * columns + b * residual) ** 2 / parts;
  const [lower, upper] = [fQuantile(0.975, n - 1, v), fQuantile(0.975, v, n - 1)];
  const spread = k * columns + (k * n - k - n) * residual;
  const low = (n * (rows - lower * residual)) / (lower * spread + n * rows);
  const high = (n * (upper * rows - residual)) / (spread + n * upper * rows);
  return Number.isFinite(low) && Number.isFinite(high) ? { low, high } : null;
}

/** Quantile of F by that of beta, also for fractional degrees of freedom. */
function fQuantile(p: number, df1: number, df2: number): number {
  const x = betaQuantile(p, df1 / 2, df2 / 2);
  return (df2 * x) / (df1 * (1 - x));
}
