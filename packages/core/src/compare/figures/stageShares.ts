import { type Measure } from '../../measures/measure';
import { type Group } from '../groups';

/** Of a treatment's marks, how many stand at each choice of an ordered measure. */
export interface StageShares {
  group: Group;
  /** In the measure's order; choices nobody has are left out of all groups. */
  shares: { words: string; count: number }[];
  total: number;
}

export function stageShares(groups: readonly Group[], measure: Measure): StageShares[] {
  const rank = (value: number) => Math.min(measure.choices.length, Math.max(1, Math.round(value))) - 1;
  const found = new Set(groups.flatMap((g) => g.dots.map((d) => rank(d.value))));
  const kept = measure.choices.map((c, i) => ({ words: c.words, i })).filter((c) => found.has(c.i));
  return groups.map((group) => ({
    group,
    shares: kept.map(({ words, i }) => ({ words, count: group.dots.filter((d) => rank(d.value) === i).length })),
    total: group.dots.length,
  }));
}
