import { blankPicture, type Picture } from './picture';

/** True for a pixel that is green and has one beside it that is not, or the other way at the rim of the picture. */
function isEdge(mask: Uint8Array, width: number, height: number, p: number): boolean {
  const x = p % width;
  return (
    mask[p] === 1 &&
    ((x > 0 && mask[p - 1] === 0) ||
      (x < width - 1 && mask[p + 1] === 0) ||
      (p >= width && mask[p - width] === 0) ||
      (p < width * (height - 1) && mask[p + width] === 0))
  );
}

/** What was counted, drawn: leaves flat and outlined in ink, everything else pale. */
export function countedPicture({ width, height, data }: Picture, mask: Uint8Array): Picture {
  const made = blankPicture(width, height);
  for (let p = 0; p < mask.length; p++) {
    const i = p * 4;
    const luma = 0.299 * data[i]! + 0.587 * data[i + 1]! + 0.114 * data[i + 2]!;
    if (isEdge(mask, width, height, p)) made.data.set([32, 52, 26], i);
    else if (mask[p] === 1) made.data.set(luma > 118 ? [134, 184, 84] : [98, 154, 66], i);
    else {
      const pale = 206 + luma * 0.12;
      made.data.set([pale, pale - 2, pale + 5], i);
    }
  }
  return made;
}

/** Places of the outlines of what is green, in shares of width and height. */
export function outlineOf(mask: Uint8Array, { width, height }: Pick<Picture, 'width' | 'height'>): [number, number][] {
  const places: [number, number][] = [];
  for (let p = 0; p < mask.length; p++)
    if (isEdge(mask, width, height, p)) places.push([((p % width) + 0.5) / width, (Math.floor(p / width) + 0.5) / height]);
  return places;
}
