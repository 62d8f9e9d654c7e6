import { blankPicture, type Picture, type Point, type Quad } from './picture';

/** A projective map of the plane, row by row; the last of its nine numbers is 1. */
export type Homography = readonly [number, number, number, number, number, number, number, number, number];

/** Below this no four points span an area that a map could be told from. */
const FLAT = 1e-9;

/**
 * The projective map that takes four points to four others (Hartley & Zisserman 2004, section 4.1: eight equations in eight unknowns).
 * @returns null where three of the points lie on one line
 */
export function homography(from: Quad, to: Quad): Homography | null {
  const rows: number[][] = [];
  for (let i = 0; i < 4; i++) {
    const [[x, y], [u, v]] = [from[i]!, to[i]!];
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y, u], [0, 0, 0, x, y, 1, -v * x, -v * y, v]);
  }
  const h = solved(rows);
  return h && [h[0]!, h[1]!, h[2]!, h[3]!, h[4]!, h[5]!, h[6]!, h[7]!, 1];
}

/** Gauss with the largest pivot first; null where there is none. */
function solved(rows: number[][]): number[] | null {
  const n = rows.length;
  const size = Math.max(...rows.flat().map(Math.abs), 1);
  for (let c = 0; c < n; c++) {
    let best = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(rows[r]![c]!) > Math.abs(rows[best]![c]!)) best = r;
    if (Math.abs(rows[best]![c]!) < FLAT * size) return null;
    [rows[c], rows[best]] = [rows[best]!, rows[c]!];
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const times = rows[r]![c]! / rows[c]![c]!;
      if (times !== 0) for (let k = c; k <= n; k++) rows[r]![k] = rows[r]![k]! - times * rows[c]![k]!;
    }
  }
  return rows.map((row, i) => row[n]! / row[i]!);
}

/** Where a point comes to lie. */
export function through(h: Homography, [x, y]: Point): Point {
  const w = h[6] * x + h[7] * y + h[8];
  return [(h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w];
}

/** The corners of a whole picture. */
export const cornersOf = (width: number, height: number): Quad => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
];

/** True where four corners go round an area without crossing themselves or bending inward. */
export function isConvex(quad: Quad): boolean {
  const turns = quad.map((_, i) => {
    const [[ax, ay], [bx, by], [cx, cy]] = [quad[i]!, quad[(i + 1) % 4]!, quad[(i + 2) % 4]!];
    return (bx - ax) * (cy - by) - (by - ay) * (cx - bx);
  });
  return turns.every((t) => t > 0) || turns.every((t) => t < 0);
}

/**
 * What lies between four corners, as if it were seen from straight above.
 * @param corners in the picture, px
 * @param size of what is made, px
 * @returns null where the corners span no area
 */
export function straighten(picture: Picture, corners: Quad, size: { width: number; height: number }): Picture | null {
  const map = isConvex(corners) ? homography(cornersOf(size.width, size.height), corners) : null;
  if (!map) return null;
  const made = blankPicture(size.width, size.height);
  straightenInto(picture, map, made);
  return made;
}

/**
 * Fills a picture with what another shows at the places that a map leads to.
 * @param beyond colour of what lies outside the other; its edge goes on where nothing is said
 */
export function straightenInto(
  picture: Picture,
  map: Homography,
  into: Picture,
  beyond?: readonly [number, number, number],
): void {
  let at = 0;
  for (let y = 0; y < into.height; y++)
    for (let x = 0; x < into.width; x++) {
      const w = map[6] * (x + 0.5) + map[7] * (y + 0.5) + map[8];
      const sx = (map[0] * (x + 0.5) + map[1] * (y + 0.5) + map[2]) / w;
      const sy = (map[3] * (x + 0.5) + map[4] * (y + 0.5) + map[5]) / w;
      if (beyond && (sx < 0 || sy < 0 || sx > picture.width || sy > picture.height)) {
        into.data[at] = beyond[0];
        into.data[at + 1] = beyond[1];
        into.data[at + 2] = beyond[2];
      } else sample(picture, sx, sy, into.data, at);
      at += 4;
    }
}

/** The colour between four pixels, by how near each is; beyond the edge the edge goes on. */
function sample({ width, height, data }: Picture, x: number, y: number, into: Uint8ClampedArray, at: number): void {
  const px = Math.min(Math.max(x - 0.5, 0), width - 1);
  const py = Math.min(Math.max(y - 0.5, 0), height - 1);
  const x0 = Math.floor(px);
  const y0 = Math.floor(py);
  const fx = px - x0;
  const fy = py - y0;
  const right = x0 + 1 < width ? 4 : 0;
  const down = y0 + 1 < height ? width * 4 : 0;
  const i = (y0 * width + x0) * 4;
  for (let c = 0; c < 3; c++) {
    const top = data[i + c]! * (1 - fx) + data[i + right + c]! * fx;
    const low = data[i + down + c]! * (1 - fx) + data[i + down + right + c]! * fx;
    into[at + c] = top * (1 - fy) + low * fy;
  }
}
