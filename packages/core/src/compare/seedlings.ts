import { type Result } from '../result/result';
import { compareSubsamples } from '../statistics/subsamples';
import { type MeanTest } from '../statistics/twoGroups';
import { type Group } from './groups';

/** The honest interval, from containers, beside the one that takes every seedling for a container. */
export interface HonestAndNaive {
  group: Group;
  control: Group;
  honest: Result<MeanTest>;
  naive: Result<MeanTest>;
  plants: number;
  containers: number;
  /** By how much counting seedlings overstates the evidence; null where it cannot be told. */
  designEffect: number | null;
}

/** @param groups of a question with one mark a plant; those with one plant a container say nothing here */
export function honestAndNaive(groups: readonly Group[]): HonestAndNaive[] {
  const control = groups.find((g) => g.treatment.control) ?? groups.find((g) => g.dots.length > 0);
  if (!control || control.dots.length === 0) return [];
  return groups
    .filter((g) => g !== control && g.dots.length > 0)
    .map((group) => {
      const both = [control, group];
      const rows = both.flatMap((g) => g.dots.map((d) => ({ treatment: g.key, container: d.container.id, y: d.value })));
      const { welch, naive, designEffect } = compareSubsamples(rows, [control.key, group.key]);
      return {
        group,
        control,
        honest: welch,
        naive,
        plants: rows.length,
        containers: new Set(rows.map((r) => r.container)).size,
        designEffect,
      };
    });
}
