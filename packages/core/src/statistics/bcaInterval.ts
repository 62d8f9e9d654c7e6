import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import normalQuantile from '@stdlib/stats-base-dists-normal-quantile';
import { generatorFrom } from '../random/generator';
import { type Interval, mean } from './descriptives';
import { quantileOfSorted } from './quantile';
import { type Result } from '../result/result';

/**
 * BCa bootstrap interval of the difference of two means, treatment − control (Efron 1987): each group is resampled on its
 * own; the acceleration comes from leaving out every value of both groups in turn, weighted by group size as for
 * influence values of a two-sample statistic (Davison and Hinkley 1997, section 5.3.2).
 * Needs two values in each group and some spread.
 */
export function bcaDifference(
  control: readonly number[],
  treatment: readonly number[],
  seed: number,
  resamples = 5000,
  level = 0.95,
): Result<{ interval: Interval; resamples: number }> {
  if (control.length < 2 || treatment.length < 2)
    return { ok: false, reason: 'An interval needs at least two containers on each side.' };
  const difference = mean(treatment) - mean(control);
  const random = generatorFrom(seed);
  const drawn = new Float64Array(resamples);
  const meanOfDraw = (values: readonly number[]) => {
    let sum = 0;
    for (let i = 0; i < values.length; i++) sum += values[random.below(values.length)]!;
    return sum / values.length;
  };
  for (let b = 0; b < resamples; b++) drawn[b] = meanOfDraw(treatment) - meanOfDraw(control);
  drawn.sort();
  if (drawn[0] === drawn[resamples - 1])
    return { ok: false, reason: 'All containers of each group are equal, so there is no spread to judge by.' };
  const tie = 1e-9 * Math.max(1, Math.abs(difference));
  let below = 0;
  for (const d of drawn) below += d < difference - tie ? 1 : d <= difference + tie ? 0.5 : 0;
  const bias = normalQuantile(below / resamples, 0, 1);
  const influence = [...influences(treatment), ...influences(control).map((l) => -l)];
  const cubes = influence.reduce((sum, l) => sum + l ** 3, 0);
  const squares = influence.reduce((sum, l) => sum + l ** 2, 0);
  const acceleration = squares === 0 ? 0 : cubes / (6 * squares ** 1.5);
  const end = (p: number) => {
    const z = bias + normalQuantile(p, 0, 1);
    return quantileOfSorted(drawn, normalCdf(bias + z / (1 - acceleration * z), 0, 1));
  };
  return { ok: true, interval: { low: end((1 - level) / 2), high: end((1 + level) / 2) }, resamples };
}

/** Empirical influence of each value on its group's mean, scaled by the group's size. */
function influences(values: readonly number[]): number[] {
  const m = mean(values);
  return values.map((v) => (v - m) / values.length);
}
