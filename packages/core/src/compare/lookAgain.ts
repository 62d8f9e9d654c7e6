import { isNumeric, type Measure } from '../measures/measure';
import { quantile } from '../statistics/quantile';
import { type Group } from './groups';

/** A container that is worth a second look, with the numbers that say why. */
export interface LookAgain {
  kind: 'late' | 'behind';
  code: string;
  treatment: string;
  /** What was found at the one that is behind, in the unit of the dots. */
  value: number | null;
  /** Range of its twins, and how many of them are up. */
  twins: { low: number; high: number; up: number };
}

/** A plant below this share of its twins' median is behind. */
const BEHIND = 0.6;

/** Late: not up while at least two thirds of at least three twins are. Behind: far less than its twins, where a measure can say so. */
export function lookAgain(groups: readonly Group[], measure: Measure): LookAgain[] {
  if (!isNumeric(measure)) return [];
  return groups.flatMap((group) => {
    const up = group.dots.filter((d) => d.plants > 0);
    const values = up.map((d) => d.value);
    if (values.length < 3) return [];
    const twins = { low: Math.min(...values), high: Math.max(...values), up: values.length };
    const one = { treatment: group.treatment.label, twins };
    const late =
      values.length >= 2 * group.notUp.length
        ? group.notUp.map((c) => ({ kind: 'late' as const, code: c.code, value: null, ...one }))
        : [];
    const median = quantile(values, 0.5);
    const behind = up
      .filter((d) => d.value > 0 && d.value < BEHIND * median)
      .map((d) => {
        const others = up.filter((o) => o !== d).map((o) => o.value);
        const range = { low: Math.min(...others), high: Math.max(...others), up: others.length };
        return { kind: 'behind' as const, code: d.container.code, value: d.value, ...one, twins: range };
      });
    return [...late, ...behind];
  });
}
