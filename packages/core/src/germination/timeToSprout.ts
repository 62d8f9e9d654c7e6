import { say } from '@bright-sprout/words/say';
import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import { type Interval } from '../statistics/descriptives';
import { type Result } from '../result/result';
import { type Minimum, minimise } from '../optimise/minimise';
import { type CheckInterval, grouped, intervalProblem } from './turnbull';

export type SproutDistribution = 'log-logistic' | 'log-normal';

export interface SproutFit {
  distribution: SproutDistribution;
  /** Location and scale of the logarithm of the time; t50 = exp(mu). */
  mu: number;
  sigma: number;
  seMu: number;
  seLogSigma: number;
  /** Days until half of the seeds that can come up are up, with its 95 % interval. */
  t50: number;
  t50Interval: Interval;
  /** Share of seeds that can come up; 1 where the fit was asked to take all as able. */
  able: number;
  /** 95 %; null where all are taken as able. */
  ableInterval: Interval | null;
  logLikelihood: number;
  /** Share up by a day. */
  shareUpBy: (day: number) => number;
}

interface Shape {
  cdf: (z: number) => number;
  /** Density of z. */
  pdf: (z: number) => number;
}

const SHAPES: Record<SproutDistribution, Shape> = {
  'log-logistic': { cdf: (z) => 1 / (1 + Math.exp(-z)), pdf: (z) => 1 / (4 * Math.cosh(z / 2) ** 2) },
  'log-normal': { cdf: (z) => normalCdf(z, 0, 1), pdf: (z) => Math.exp(-(z ** 2) / 2) / Math.sqrt(2 * Math.PI) },
};

/** Standard errors on the scale of logarithms above this say that the likelihood is flat. */
const LOOSE = 6;
const Z = normalQuantile(0.975, 0, 1);
const flat = () => say('germination.countsPinTimeDown');

/**
 * Fits the time to sprouting to counts at looks, each seed known to have come up between two of them (Ritz, Pipper and
 * Streibig 2013; Onofri, Mesgaran and Ritz 2022), by maximum likelihood with standard errors from the observed information.
 * @param ungerminated true leaves a share of seeds that never come up to be estimated too
 */
export function fitTimeToSprout(
  intervals: readonly CheckInterval[],
  distribution: SproutDistribution = 'log-logistic',
  ungerminated = false,
): Result<SproutFit> {
  const problem = intervalProblem(intervals);
  if (problem) return { ok: false, reason: problem };
  const up = intervals.filter((i) => i.upper !== null);
  if (up.length === 0) return { ok: false, reason: say('germination.seedCame') };
  if (new Set(up.map((i) => `${i.lower}|${i.upper}`)).size < 2)
    return { ok: false, reason: say('germination.seedsCameBetweenSame') };
  if (ungerminated && up.length === intervals.length) return { ok: false, reason: say('germination.everySeedCameShare') };
  const shape = SHAPES[distribution];
  const groups = grouped(intervals);
  if (groups.length < (ungerminated ? 4 : 3)) return { ok: false, reason: flat() };
  const minusLog = (theta: readonly number[]) => -logLikelihood(groups, shape, theta);
  const start = startOf(up, ungerminated ? up.length / intervals.length : null);
  const scale = [Math.exp(start[1]!), 0.3, 1].slice(0, start.length);
  const best: Minimum = minimise(minusLog, start, scale);
  const [mu, logSigma, logitAble] = best.at as [number, number, number | undefined];
  const se = best.inverseCurvature?.map((row, i) => Math.sqrt(row[i]!));
  if (!best.converged || !se || !se.every((v) => v < LOOSE)) return { ok: false, reason: flat() };
  const able = logitAble === undefined ? 1 : inverseLogit(logitAble);
  const sigma = Math.exp(logSigma);
  return {
    ok: true,
    distribution,
    mu,
    sigma,
    seMu: se[0]!,
    seLogSigma: se[1]!,
    t50: Math.exp(mu),
    t50Interval: { low: Math.exp(mu - Z * se[0]!), high: Math.exp(mu + Z * se[0]!) },
    able,
    ableInterval:
      logitAble === undefined ? null : { low: inverseLogit(logitAble - Z * se[2]!), high: inverseLogit(logitAble + Z * se[2]!) },
    logLikelihood: -best.value,
    shareUpBy: (day) => (day <= 0 ? 0 : able * shape.cdf((Math.log(day) - mu) / sigma)),
  };
}

const inverseLogit = (x: number) => 1 / (1 + Math.exp(-x));

/** Middles of the intervals give the first guess. */
function startOf(up: readonly CheckInterval[], share: number | null): number[] {
  const logs = up.map((i) => Math.log((Math.max(i.lower, i.upper! / 2) + i.upper!) / 2));
  const mu = logs.reduce((a, b) => a + b, 0) / logs.length;
  const variance = logs.reduce((sum, v) => sum + (v - mu) ** 2, 0) / logs.length;
  const start = [mu, Math.log(Math.max(0.05, Math.sqrt(variance) * 0.6))];
  return share === null ? start : [...start, Math.log((share + 0.01) / (1.01 - share))];
}

function logLikelihood(
  groups: readonly { interval: CheckInterval; count: number }[],
  { cdf, pdf }: Shape,
  [mu, logSigma, logitAble]: readonly number[],
): number {
  const sigma = Math.exp(logSigma!);
  const able = logitAble === undefined ? 1 : inverseLogit(logitAble);
  const z = (t: number) => (Math.log(t) - mu!) / sigma;
  let sum = 0;
  for (const {
    interval: { lower, upper },
    count,
  } of groups) {
    const before = lower > 0 ? cdf(z(lower)) : 0;
    const chance =
      upper === null
        ? 1 - able * before
        : upper === lower
          ? (able * pdf(z(upper))) / (sigma * upper)
          : able * between(cdf, z, lower, upper, before);
    if (!(chance > 0)) return -Infinity;
    sum += count * Math.log(chance);
  }
  return sum;
}

/** cdf(upper) − cdf(lower), taken on the side where the tails are small. */
function between(cdf: Shape['cdf'], z: (t: number) => number, lower: number, upper: number, before: number): number {
  return lower > 0 && z(lower) > 0 ? cdf(-z(lower)) - cdf(-z(upper)) : cdf(z(upper)) - before;
}
