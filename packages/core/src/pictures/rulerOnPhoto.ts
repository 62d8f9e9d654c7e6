import { type Point } from './picture';

/** Two places a known length apart, and places along what is measured from its foot to its tip, all in pixels. */
export interface RulerOnPhoto {
  from: Point;
  to: Point;
  lengthMm: number;
  along: readonly Point[];
}

/** A length read off a picture, mm: what it is, its standard error, and the ends of a 95 % interval. */
export interface ReadLength {
  mm: number;
  standardError: number;
  low: number;
  high: number;
  mmPerPixel: number;
}

/** How it stands on record. */
export const RULER_METHOD = 'ruler/1';

/** How far from the place that was meant a finger or a pointer comes to rest, px in each direction (standard deviation). */
export const CLICK_PX = 1.6;
/** What is measured stands nearer to the camera than the ruler or behind it: so much longer or shorter it looks (standard deviation). */
export const PERSPECTIVE = 0.02;
const NORMAL_95 = 1.959964;

/** Nearer together than this two places say nothing of a scale, px. */
export const SHORTEST_SCALE_PX = 40;

const distance = ([ax, ay]: Point, [bx, by]: Point) => Math.hypot(bx - ax, by - ay);

/**
 * A length along a bent line, from a known length in the same picture. The errors of the clicks and the allowance for perspective are put
 * together as independent ones (propagation of error to the first order: of a bent line each place moves the length by the difference of
 * the directions that meet in it).
 * @returns null where the known length is too short in the picture, or the line has no two places
 */
export function readLength(
  { from, to, lengthMm, along }: RulerOnPhoto,
  { clickPx = CLICK_PX, perspective = PERSPECTIVE } = {},
): ReadLength | null {
  const scale = distance(from, to);
  if (along.length < 2 || scale < SHORTEST_SCALE_PX || lengthMm <= 0) return null;
  const directions = along.slice(1).map((p, i): Point => {
    const d = distance(along[i]!, p) || 1;
    return [(p[0] - along[i]![0]) / d, (p[1] - along[i]![1]) / d];
  });
  const pixels = along.slice(1).reduce((sum, p, i) => sum + distance(along[i]!, p), 0);
  const moved = along.reduce((sum, _, i) => {
    const [inX, inY] = directions[i - 1] ?? [0, 0];
    const [outX, outY] = directions[i] ?? [0, 0];
    return sum + (inX - outX) ** 2 + (inY - outY) ** 2;
  }, 0);
  const mmPerPixel = lengthMm / scale;
  const mm = pixels * mmPerPixel;
  const ofClicks = clickPx ** 2 * moved * mmPerPixel ** 2;
  const ofScale = mm ** 2 * ((2 * clickPx ** 2) / scale ** 2 + perspective ** 2);
  const standardError = Math.sqrt(ofClicks + ofScale);
  return {
    mm,
    standardError,
    low: Math.max(0, mm - NORMAL_95 * standardError),
    high: mm + NORMAL_95 * standardError,
    mmPerPixel,
  };
}
