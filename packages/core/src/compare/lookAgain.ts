import { type Group } from './compareOnDay';
import { quantile } from '../statistics/descriptives';

/** A container that is worth a second look, with the numbers that say why. */
export interface LookAgain {
  kind: 'late' | 'behind';
  code: string;
  treatment: string;
  /** Height in mm of the one that is behind. */
  heightMm: number | null;
  /** Range of its twins in mm, or how many of them are up. */
  twins: { lowMm: number; highMm: number; up: number };
}

/** A plant below this share of its twins' median is behind. */
const BEHIND = 0.6;

/** Late: not up while at least two thirds of at least three twins are. Behind: far shorter than its twins. */
export function lookAgain(groups: readonly Group[]): LookAgain[] {
  return groups.flatMap((group) => {
    const heights = group.dots.map((d) => d.heightMm);
    if (heights.length < 3) return [];
    const twins = { lowMm: Math.min(...heights), highMm: Math.max(...heights), up: heights.length };
    const one = { treatment: group.treatment.label, twins };
    const late =
      heights.length >= 2 * group.notUp.length
        ? group.notUp.map((c) => ({ kind: 'late' as const, code: c.code, heightMm: null, ...one }))
        : [];
    const median = quantile(heights, 0.5);
    const behind = group.dots
      .filter((d) => d.heightMm > 0 && d.heightMm < BEHIND * median)
      .map((d) => {
        const others = group.dots.filter((o) => o !== d).map((o) => o.heightMm);
        return {
          kind: 'behind' as const,
          code: d.container.code,
          heightMm: d.heightMm,
          ...one,
          twins: { lowMm: Math.min(...others), highMm: Math.max(...others), up: others.length },
        };
      });
    return [...late, ...behind];
  });
}
