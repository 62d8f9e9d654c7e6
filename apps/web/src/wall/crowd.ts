import { type ContainerView } from '@bright-sprout/contracts/answers/investigations';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { sumUp } from '@bright-sprout/core/measures/sumUp';
import { foundOf, type Standing } from '@bright-sprout/core/readings/standing';
import { AXIS, type LineUpGroup } from './lineUpGroup';

/** Containers stand apart by so many pixels at least where all of them are drawn, and by so many where a few stand for all. */
const CROWDED = 24;
const ROOMY = 34;

/** How many containers a shelf of some pixels shows. */
export function roomOf(width: number): { most: number; sample: number } {
  const fits = (each: number) => Math.max(4, Math.floor((width - AXIS) / each));
  return { most: fits(CROWDED), sample: fits(ROOMY) };
}

/** What was found of a container, from nothing to most: not looked at, lost, not up, then by what was measured. */
function rank(container: ContainerView, standing: Standing | undefined, measure: Measure): number {
  const found = standing && sumUp(measure, foundOf(standing, measure.code), container.seedsSown);
  if (found !== null && found !== undefined) return found;
  const { state } = standing ?? { state: 'not-checked' };
  return state === 'not-up' ? -1 : state === 'not-checked' ? -3 : -2;
}

/**
 * A few containers that stand for a whole group: equally far apart in the order of what was found, so that short and tall ones, and
 * those that are not up, are seen in their share.
 */
export function sampleOf(
  group: LineUpGroup,
  standings: ReadonlyMap<string, Standing>,
  measure: Measure,
  count: number,
): LineUpGroup {
  const all = group.containers;
  if (all.length <= count) return group;
  const ranked = all
    .map((container) => ({ container, at: rank(container, standings.get(container.id), measure) }))
    .sort((a, b) => a.at - b.at);
  const containers = Array.from({ length: count }, (_, i) => ranked[Math.floor(((i + 0.5) * all.length) / count)]!.container);
  return { ...group, containers, all };
}

/** One group after the other in rows of some containers each. */
export function inRows(group: LineUpGroup, each: number): LineUpGroup[] {
  const rows = Math.ceil(group.containers.length / each);
  const even = Math.ceil(group.containers.length / rows);
  return Array.from({ length: rows }, (_, i) => ({
    ...group,
    key: `${group.key} ${i}`,
    containers: group.containers.slice(i * even, (i + 1) * even),
  }));
}
