import { type LineUpGroup } from './lineUpGroup';

/** Up to so many containers stand in one row; more get a shelf for each treatment. */
const ONE_ROW = 32;

const standing = (groups: readonly LineUpGroup[]) => groups.reduce((n, g) => n + g.containers.length, 0);

/** Groups side by side as long as one shelf carries them: all of them where they are few, else one treatment a shelf, several teams. */
export function wallShelves(groups: LineUpGroup[]): LineUpGroup[][] {
  if (standing(groups) <= ONE_ROW) return [groups];
  const shelves: LineUpGroup[][] = [];
  for (const group of groups) {
    const last = shelves[shelves.length - 1];
    if (last && standing([...last, group]) <= ONE_ROW / 2) last.push(group);
    else shelves.push([group]);
  }
  return shelves;
}
