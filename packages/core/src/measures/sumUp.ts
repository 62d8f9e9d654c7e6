import { mean } from '../statistics/descriptives';
import { quantile } from '../statistics/quantile';
import { type Finding } from './finding';
import { isOrdered, type Measure } from './measure';

/** How the plants of a container become one number. */
export type Reported = 'container-mean' | 'tallest' | 'total';

/**
 * One number for a container from what was found of its plants on one day: their mean or median in the stored unit, the
 * percentage of the seeds sown, or the middle rank of what was chosen, 1 for the first choice. Null where nothing was found,
 * or where choices have no order.
 * @param findings of this measure, one a plant
 * @param seeds sown in the container
 * @param report `tallest` takes the plant that is ahead instead, `total` all plants together where values can be added up
 */
export function sumUp(
  measure: Measure,
  findings: readonly Finding[],
  seeds: number,
  report: Reported = 'container-mean',
): number | null {
  if (!isOrdered(measure)) return null;
  if (measure.summedUp === 'order') {
    const ranks = findings.map((f) => measure.choices.findIndex((c) => c.code === f.choice) + 1).filter((rank) => rank > 0);
    if (ranks.length === 0) return null;
    return report === 'tallest' ? Math.max(...ranks) : quantile(ranks, 0.5);
  }
  const values = findings.flatMap((f) => (f.value === null ? [] : [f.value]));
  if (values.length === 0) return null;
  if (measure.summedUp === 'share-of-seeds') return seeds > 0 ? (100 * values.reduce((a, b) => a + b, 0)) / seeds : null;
  if (report === 'tallest') return Math.max(...values);
  if (report === 'total' && addsUp(measure)) return values.reduce((a, b) => a + b, 0);
  return measure.summedUp === 'median' ? quantile(values, 0.5) : mean(values);
}

/** True where the values of several plants make one amount together. */
export function addsUp({ quantity, of }: Pick<Measure, 'quantity' | 'of'>): boolean {
  return of === 'plant' && (quantity === 'length' || quantity === 'mass' || quantity === 'count');
}
