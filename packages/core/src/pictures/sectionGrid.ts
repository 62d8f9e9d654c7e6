import { type Picture } from './picture';

/** How what is seen from above is parted: sections side by side and one behind the other; one alone for a single container. */
export interface SectionGrid {
  columns: number;
  rows: number;
  /** Id of the container that grows in each, row by row; null where nothing is counted. */
  cells: readonly (string | null)[];
}

type Size = Pick<Picture, 'width' | 'height'>;

/** Left out along each edge of a section, as a share of its width and height: strings and the rim lie there. */
export const SECTION_MARGIN = 0.04;

/** Ends of a section in a straightened picture, as shares of its width and height. */
export function sectionEdges({ columns, rows }: SectionGrid, at: number) {
  const [column, row] = [at % columns, Math.floor(at / columns)];
  return {
    left: (column + SECTION_MARGIN) / columns,
    right: (column + 1 - SECTION_MARGIN) / columns,
    top: (row + SECTION_MARGIN) / rows,
    bottom: (row + 1 - SECTION_MARGIN) / rows,
  };
}

/** Which pixels of a straightened picture belong to one section: 1 for each whose middle lies in it. */
export function sectionMask({ width, height }: Size, grid: SectionGrid, at: number): Uint8Array {
  const mask = new Uint8Array(width * height);
  const { left, right, top, bottom } = sectionEdges(grid, at);
  const [from, to] = [Math.ceil(left * width - 0.5), Math.floor(right * width - 0.5)];
  for (let y = Math.ceil(top * height - 0.5); y + 0.5 <= bottom * height; y++) mask.fill(1, y * width + from, y * width + to + 1);
  return mask;
}

/** Every pixel that belongs to a section in which something grows. */
export function countedMask(size: Size, grid: SectionGrid): Uint8Array {
  const mask = new Uint8Array(size.width * size.height);
  grid.cells.forEach((cell, i) => {
    if (cell === null) return;
    const one = sectionMask(size, grid, i);
    for (let p = 0; p < mask.length; p++) mask[p]! |= one[p]!;
  });
  return mask;
}

/** Width at which pictures are counted, px: a leaf of a few millimetres still has many. */
const WORK_WIDTH = 720;

/** How large pictures of a film are made when they are straightened: all alike, in the proportions of what is in them. */
export function workSize({
  wideMm,
  deepMm,
  columns,
  rows,
}: { wideMm: number | null; deepMm: number | null } & Pick<SectionGrid, 'columns' | 'rows'>): Size {
  const ratio = wideMm !== null && deepMm !== null ? deepMm / wideMm : rows / columns;
  return ratio <= 1
    ? { width: WORK_WIDTH, height: Math.max(60, Math.round(WORK_WIDTH * ratio)) }
    : { width: Math.max(60, Math.round(WORK_WIDTH / ratio)), height: WORK_WIDTH };
}
