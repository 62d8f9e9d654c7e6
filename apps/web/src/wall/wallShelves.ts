import { type Measure } from '@bright-sprout/core/measures/measure';
import { type Standing } from '@bright-sprout/core/readings/standing';
import { inRows, roomOf, sampleOf } from './crowd';
import { type LineUpGroup } from './lineUpGroup';

/** Up to so many containers stand in one row; more get a shelf for each treatment. */
const ONE_ROW = 32;

const standing = (groups: readonly LineUpGroup[]) => groups.reduce((n, g) => n + g.containers.length, 0);

/** Groups side by side as long as one shelf carries them: all of them where they are few, else one treatment a shelf, several teams. */
function sideBySide(groups: readonly LineUpGroup[]): LineUpGroup[][] {
  if (standing(groups) <= ONE_ROW) return [[...groups]];
  const shelves: LineUpGroup[][] = [];
  for (const group of groups) {
    const last = shelves[shelves.length - 1];
    if (last && standing([...last, group]) <= ONE_ROW / 2) last.push(group);
    else shelves.push([group]);
  }
  return shelves;
}

interface Shown {
  standings: ReadonlyMap<string, Standing>;
  measure: Measure;
  width: number;
  /** One group alone: on a narrow page. */
  alone: boolean;
  /** The group of which every container is to be seen. */
  whole: string | null;
}

/** What stands on which shelf. A group that no shelf carries is there with a sample; looked at as a whole it fills several shelves. */
export function wallShelves(groups: readonly LineUpGroup[], { standings, measure, width, alone, whole }: Shown): LineUpGroup[][] {
  const { most, sample } = roomOf(width);
  const opened = groups.find((g) => g.key === whole);
  if (opened) return inRows(opened, sample).map((row) => [row]);
  const shelves = alone ? [[...groups]] : sideBySide(groups);
  return shelves.map((shelf) =>
    standing(shelf) <= most ? shelf : shelf.map((g) => sampleOf(g, standings, measure, Math.floor(sample / shelf.length))),
  );
}
