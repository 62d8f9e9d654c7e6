import { greenIndex } from './greenness';
import { cornersOf, homography, isConvex, straightenInto, through } from './homography';
import { blankPicture, type Picture, type Point, type Quad } from './picture';

/** Where a pan lies in a picture, found from where it lay in another. */
export interface Aligned {
  corners: Quad;
  /** How well both agree there, −1 to 1 (correlation of brightness where nothing is green). */
  likeness: number;
}

/** Less alike than this two pictures do not show the same thing, or one has moved too far. */
export const ALIKE = 0.55;

/** Of what is around a pan so much is looked at too, as a share of its width: its rim is the clearest line there is. */
const AROUND = 0.09;
/** Widths at which both are looked at, px, from coarse to fine. */
const LEVELS = [28, 56, 112, 224];
const ROUNDS = 24;
/** A pixel greener than this is a leaf, which moves and grows. */
const LEAFY = 0.2;
/** Where the pan may have come to lie: as before; larger or smaller; moved to a side. Shares of its size. */
const STARTS: readonly (readonly [scale: number, dx: number, dy: number])[] = [
  [1, 0, 0],
  [1.1, 0, 0],
  [0.9, 0, 0],
  [1, 0.08, 0],
  [1, -0.08, 0],
  [1, 0, 0.08],
  [1, 0, -0.08],
];

/**
 * Finds the corners of a pan in a picture from a picture in which they are known, by moving them until both look alike (Baker & Matthews
 * 2004, inverse compositional, on four levels from coarse to fine; brightness and contrast are left free).
 * @param known the picture with its corners, px of it
 * @param start where the corners may be in the other, px of it; where nothing better is known, where they were
 */
export function alignCorners(known: { picture: Picture; corners: Quad }, picture: Picture, start: Quad): Aligned | null {
  const ratio = edgeRatio(known.corners);
  const [first, ...finer] = LEVELS;
  const stacks = [halvings(known.picture), halvings(picture)] as const;
  const at = (width: number) => templateOf(stacks[0], known.corners, width, ratio);
  const coarse = at(first!);
  if (!coarse) return null;
  let best: Aligned | null = null;
  for (const [scale, dx, dy] of STARTS) {
    const found = fitted(coarse, stacks[1], moved(start, scale, dx, dy));
    if (found && (best === null || found.likeness > best.likeness + 1e-6)) best = found;
    if (best && best.likeness > 0.93) break;
  }
  for (const width of finer) {
    const template = best && at(width);
    if (!template) return null;
    best = fitted(template, stacks[1], best!.corners) ?? best;
  }
  return best;
}

function moved(quad: Quad, scale: number, dx: number, dy: number): Quad {
  const mean = (i: 0 | 1) => quad.reduce((sum, p) => sum + p[i], 0) / 4;
  const [mx, my] = [mean(0), mean(1)];
  const [wide, high] = [
    Math.hypot(quad[1][0] - quad[0][0], quad[1][1] - quad[0][1]),
    Math.hypot(quad[3][0] - quad[0][0], quad[3][1] - quad[0][1]),
  ];
  return quad.map(([x, y]): Point => [mx + (x - mx) * scale + dx * wide, my + (y - my) * scale + dy * high]) as unknown as Quad;
}

/** Depth over width of what lies between four corners, from the lengths of opposite edges. */
export function edgeRatio(quad: Quad): number {
  const edge = (a: number, b: number) => Math.hypot(quad[a]![0] - quad[b]![0], quad[a]![1] - quad[b]![1]);
  return (edge(0, 3) + edge(1, 2)) / Math.max(1e-9, edge(0, 1) + edge(3, 2));
}

/** A picture and its halves, quarters …, so that looking at few pixels of it still sees all. */
function halvings(picture: Picture): Picture[] {
  const stack = [picture];
  for (let last = picture; last.width > 2 * LEVELS[0]! && last.height > 8; stack.push(last)) last = half(last);
  return stack;
}

function half({ width, height, data }: Picture): Picture {
  const made = blankPicture(width >> 1, height >> 1);
  for (let y = 0, at = 0; y < made.height; y++)
    for (let x = 0; x < made.width; x++, at += 4) {
      const i = (2 * y * width + 2 * x) * 4;
      for (let c = 0; c < 3; c++)
        made.data[at + c] = (data[i + c]! + data[i + 4 + c]! + data[i + width * 4 + c]! + data[i + width * 4 + 4 + c]!) / 4;
    }
  return made;
}

/** The picture of a stack in which a pan is about so many pixels wide, and what to multiply places with to be in it. */
function levelFor(stack: readonly Picture[], corners: Quad, width: number): { picture: Picture; scale: number } {
  const wide = Math.hypot(corners[1][0] - corners[0][0], corners[1][1] - corners[0][1]);
  let level = 0;
  while (level + 1 < stack.length && wide / 2 ** (level + 1) >= 0.9 * width) level++;
  return { picture: stack[level]!, scale: stack[level]!.width / stack[0]!.width };
}

interface Template {
  size: { width: number; height: number };
  /** Where the corners of the pan lie in it. */
  inner: Quad;
  luma: Float64Array;
  /** 1 where it is looked at. */
  seen: Uint8Array;
  /** How brightness changes with each of the eight numbers of a small projective move, pixel by pixel. */
  steepest: Float64Array;
}

/** A template of so many pixels in width, the surroundings of the pan included; null where its corners span nothing. */
function templateOf(stack: readonly Picture[], corners: Quad, wide: number, ratio: number): Template | null {
  const margin = Math.round(wide * AROUND);
  const high = Math.max(8, Math.round(wide * ratio));
  const [width, height] = [wide + 2 * margin, high + 2 * margin];
  const inner: Quad = [
    [margin, margin],
    [margin + wide, margin],
    [margin + wide, margin + high],
    [margin, margin + high],
  ];
  const shown = warped(stack, corners, { inner, width, height });
  if (!shown) return null;
  const { luma, seen } = shown;
  const steepest = new Float64Array(width * height * 8);
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const p = y * width + x;
      const gx = (luma[p + 1]! - luma[p - 1]!) / 2;
      const gy = (luma[p + width]! - luma[p - width]!) / 2;
      // Places from −1 to 1, so that all eight numbers are of one size.
      const [u, v] = [(2 * x) / width - 1, (2 * y) / height - 1];
      const dot = -(gx * u + (height / width) * gy * v);
      steepest.set([gx * u, gx * v, gx, gy * u, gy * v, gy, dot * u, dot * v], p * 8);
    }
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) if (x === 0 || y === 0 || x === width - 1 || y === height - 1) seen[y * width + x] = 0;
  return { size: { width, height }, inner, luma, seen, steepest };
}

/** Brightness of what lies at the corners and around them, and where it says something: in the picture, and no leaf. */
function warped(
  stack: readonly Picture[],
  corners: Quad,
  { inner, width, height }: { inner: Quad; width: number; height: number },
): { luma: Float64Array; seen: Uint8Array } | null {
  if (!isConvex(corners)) return null;
  const { picture, scale } = levelFor(stack, corners, inner[1][0] - inner[0][0]);
  const there = corners.map(([x, y]): Point => [x * scale, y * scale]) as unknown as Quad;
  const map = homography(inner, there);
  if (!map) return null;
  const shown = blankPicture(width, height);
  straightenInto(picture, map, shown);
  const luma = new Float64Array(width * height);
  const seen = new Uint8Array(width * height);
  for (let y = 0, p = 0; y < height; y++)
    for (let x = 0; x < width; x++, p++) {
      const [r, g, b] = [shown.data[p * 4]!, shown.data[p * 4 + 1]!, shown.data[p * 4 + 2]!];
      luma[p] = 0.299 * r + 0.587 * g + 0.114 * b;
      const [sx, sy] = through(map, [x + 0.5, y + 0.5]);
      if (sx >= 0 && sy >= 0 && sx <= picture.width && sy <= picture.height && greenIndex('excess-green', r, g, b) < LEAFY)
        seen[p] = 1;
    }
  return { luma, seen };
}

/** Moves the corners until the template and the picture look alike. */
function fitted(template: Template, stack: readonly Picture[], start: Quad): Aligned | null {
  const { size, inner, steepest, seen } = template;
  const { width, height } = size;
  let corners = start;
  let best: Aligned | null = null;
  for (let round = 0; round < ROUNDS; round++) {
    const now = warped(stack, corners, { inner, width, height });
    if (!now) break;
    const likeness = likenessOf(template, now);
    if (likeness === null) break;
    if (best === null || likeness.r > best.likeness) best = { corners, likeness: likeness.r };
    const normal = Array.from({ length: 8 }, () => new Float64Array(9));
    for (let p = 0; p < seen.length; p++) {
      if (seen[p] === 0 || now.seen[p] === 0) continue;
      const error = (now.luma[p]! - likeness.meanNow) * likeness.gain - (template.luma[p]! - likeness.mean);
      // A hand or a shadow must not pull: what differs much counts less (Huber 1964).
      const weight = Math.abs(error) < likeness.usual ? 1 : likeness.usual / Math.abs(error);
      for (let i = 0; i < 8; i++) {
        const si = steepest[p * 8 + i]! * weight;
        if (si === 0) continue;
        const row = normal[i]!;
        for (let k = i; k < 8; k++) row[k]! += si * steepest[p * 8 + k]!;
        row[8]! += si * error;
      }
    }
    for (let i = 0; i < 8; i++) {
      for (let k = 0; k < i; k++) normal[i]![k] = normal[k]![i]!;
      normal[i]![i]! *= 1 + 1e-4;
    }
    const step = solve8(normal);
    if (!step) break;
    const next = composed(corners, template, step);
    if (!next) break;
    const change = Math.max(...next.map(([x, y], i) => Math.hypot(x - corners[i]![0], y - corners[i]![1])));
    corners = next;
    if (change < 0.02) break;
  }
  return best;
}

/** Means, gain and correlation of two pictures where both say something; null where too little is left. */
function likenessOf(template: Pick<Template, 'luma' | 'seen'>, now: { luma: Float64Array; seen: Uint8Array }) {
  let [n, mean, meanNow] = [0, 0, 0];
  for (let p = 0; p < now.seen.length; p++)
    if (now.seen[p] !== 0 && template.seen[p] !== 0) {
      n++;
      mean += template.luma[p]!;
      meanNow += now.luma[p]!;
    }
  if (n < 0.08 * now.seen.length) return null;
  mean /= n;
  meanNow /= n;
  let [both, one, other] = [0, 0, 0];
  for (let p = 0; p < now.seen.length; p++)
    if (now.seen[p] !== 0 && template.seen[p] !== 0) {
      const [a, b] = [template.luma[p]! - mean, now.luma[p]! - meanNow];
      both += a * b;
      one += a * a;
      other += b * b;
    }
  if (one <= 0 || other <= 0) return null;
  return { mean, meanNow, gain: Math.sqrt(one / other), r: both / Math.sqrt(one * other), usual: Math.sqrt(one / n) };
}

/** Eight equations with their right-hand side in the ninth place, by elimination. */
function solve8(rows: Float64Array[]): number[] | null {
  for (let c = 0; c < 8; c++) {
    const pivot = rows[c]![c]!;
    if (Math.abs(pivot) < 1e-9) return null;
    for (let r = 0; r < 8; r++) {
      if (r === c) continue;
      const times = rows[r]![c]! / pivot;
      if (times !== 0) for (let k = c; k < 9; k++) rows[r]![k]! -= times * rows[c]![k]!;
    }
  }
  return rows.map((row, i) => row[8]! / row[i]!);
}

/** The corners after the template has moved by a small projective step: the move is undone in the picture. */
function composed(corners: Quad, { size: { width, height }, inner }: Template, step: readonly number[]): Quad | null {
  const forward = ([x, y]: Point): Point => {
    const [u, v] = [(2 * x) / width - 1, (2 * y) / height - 1];
    const away = step[6]! * u + step[7]! * v;
    return [
      x + step[0]! * u + step[1]! * v + step[2]! - u * away,
      y + step[3]! * u + step[4]! * v + step[5]! - (height / width) * v * away,
    ];
  };
  const whole = cornersOf(width, height);
  const map = homography(whole.map(forward) as unknown as Quad, whole);
  const there = homography(inner, corners);
  if (!map || !there) return null;
  const next = inner.map((p) => through(there, through(map, p))) as unknown as Quad;
  return isConvex(next) ? next : null;
}
