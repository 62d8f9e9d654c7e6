import { generatorFrom } from '@bright-sprout/core/random/generator';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';

/** A filled outline; the origin is where the stem meets the soil, y points up as negative numbers. */
export interface Shape {
  /** A closed run of points, or a path as text where there is more to it. */
  outline: readonly Point[] | string;
  fill: string;
  stroke: string;
  width: number;
}

/** How a plant looks, as its vigour was graded. */
export type Vigour = 'good' | 'fair' | 'poor';

export function asVigour(choice: string | null): Vigour | undefined {
  return choice === 'good' || choice === 'fair' || choice === 'poor' ? choice : undefined;
}

export interface PlantFacts {
  habit: Habit;
  heightMm: number;
  /** Leaves counted; null draws what the height lets expect. */
  leaves: number | null;
  /** Colour and vigour as recorded; good where nobody said. */
  vigour?: Vigour;
  /** Where its old leaf leans, at the ends of a wall: 1 to the right. */
  towards?: 1 | -1;
  /** Keeps the plant's face from view to view: its code. */
  face: string;
}

export const INK = '#2A1B2E';
interface Inks {
  light: string;
  dark: string;
}
const LEAF: Record<Vigour, Inks> = {
  good: { light: '#8FBF57', dark: '#5F9640' },
  fair: { light: '#A9C25C', dark: '#7D9C44' },
  poor: { light: '#C2C46B', dark: '#9A9C4B' },
};
/** Weak plants have narrower leaves. */
const FULL: Record<Vigour, number> = { good: 1, fair: 0.85, poor: 0.65 };
const STEM = { sheath: '#CFDDA4', stem: '#DCD3DC' };
const GHOST = { fill: '#DFDCE5', line: '#A9A3B3' };

type Point = [number, number];

/** A shape as the text of an SVG path. */
export const pathText = ({ outline }: Shape): string =>
  typeof outline === 'string' ? outline : `M${outline.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;

/** A point and its sideways direction on a quadratic curve. */
function along([a, b, c]: [Point, Point, Point], t: number): { at: Point; side: Point } {
  const at: Point = [0, 1].map((i) => (1 - t) ** 2 * a[i]! + 2 * t * (1 - t) * b[i]! + t * t * c[i]!) as Point;
  const dx = 2 * (1 - t) * (b[0] - a[0]) + 2 * t * (c[0] - b[0]);
  const dy = 2 * (1 - t) * (b[1] - a[1]) + 2 * t * (c[1] - b[1]);
  const length = Math.hypot(dx, dy) || 1;
  return { at, side: [-dy / length, dx / length] };
}

/** A blade along a curve, split at its midrib into a light and a dark half; `profile` gives half its width. */
function blade(
  curve: [Point, Point, Point],
  profile: (t: number) => number,
  colours: Inks,
  line: string,
  width: number,
): Shape[] {
  const steps = Array.from({ length: 13 }, (_, i) => i / 12);
  const edge = (sign: number): Point[] =>
    steps.map((t) => {
      const { at, side } = along(curve, t);
      return [at[0] + sign * side[0] * profile(t), at[1] + sign * side[1] * profile(t)];
    });
  const rib = steps.map((t) => along(curve, t).at);
  const [left, right] = [edge(1), edge(-1)];
  const none = 'none';
  return [
    { outline: [...left, ...[...rib].reverse()], fill: colours.light, stroke: none, width: 0 },
    { outline: [...right, ...[...rib].reverse()], fill: colours.dark, stroke: none, width: 0 },
    { outline: [...left, ...[...right].reverse()], fill: none, stroke: line, width },
  ];
}

interface Face {
  /** From −1 to 1. */
  lean: number;
  /** From 0 to 1. */
  curl: number;
  side: 1 | -1;
}

function faceOf(face: string, towards?: 1 | -1): Face {
  let seed = 7;
  for (const sign of face) seed = Math.imul(seed, 31) + sign.charCodeAt(0);
  const random = generatorFrom(seed);
  return { lean: random.uniform() * 2 - 1, curl: random.uniform(), side: towards ?? (random.uniform() < 0.5 ? -1 : 1) };
}

/**
 * Draws a plant from its record: the tip of the measured blade (grass) or the growing tip (broad leaf) stands exactly at its
 * height. Leaf size grows with height and stops at 10 cm.
 * @param scale pixels per millimetre
 */
export function drawPlant({ habit, heightMm, leaves, face, vigour = 'good', towards }: PlantFacts, scale: number): Shape[] {
  const h = heightMm * scale;
  const size = Math.min(heightMm, 100) * scale;
  return habit === 'grass'
    ? drawGrass(h, size, leaves ?? grassLeaves(heightMm), { ...faceOf(face, towards), vigour })
    : drawBroad(h, size, heightMm, leaves ?? Math.floor(heightMm / 20), { ...faceOf(face, towards), vigour });
}

const grassLeaves = (heightMm: number) => (heightMm < 35 ? 1 : heightMm < 80 ? 2 : 3);

/** The flat, pale shape of the last check: the measured blade or stem only. */
export function drawGhost({ habit, heightMm, face }: PlantFacts, scale: number): Shape[] {
  const h = heightMm * scale;
  const { lean } = faceOf(face);
  const tip = lean * 0.1 * h;
  const half =
    habit === 'grass'
      ? Math.max(1.6, Math.min(heightMm, 100) * scale * 0.014)
      : Math.max(1.2, Math.min(heightMm, 100) * scale * 0.014);
  const curve: [Point, Point, Point] = [
    [0, 0],
    [0, -0.6 * h],
    [tip, -h],
  ];
  return blade(curve, (t) => half * (1 - t ** 3), { light: GHOST.fill, dark: GHOST.fill }, GHOST.line, 0.8);
}

function drawGrass(h: number, size: number, leaves: number, { lean, curl, side, vigour }: Face & { vigour: Vigour }): Shape[] {
  const inks = LEAF[vigour];
  const line = Math.min(1.3, Math.max(0.8, size / 90));
  const half = Math.max(1.6, size * 0.015 * FULL[vigour]);
  const tip = lean * 0.1 * h;
  const main: [Point, Point, Point] = [
    [0, 0],
    [0, -0.6 * h],
    [tip, -h],
  ];
  const shapes: Shape[] = [];
  if (leaves >= 2) {
    const from = along(main, 0.3).at;
    const reach = size * (0.12 + 0.05 * curl) * side;
    shapes.push(
      ...blade(
        [from, [from[0] + reach * 0.5, from[1] - size * 0.42], [from[0] + reach, from[1] - size * 0.12]],
        (t) => half * 0.85 * Math.sin(Math.PI * (0.12 + 0.88 * t)) + 0.3,
        inks,
        INK,
        line,
      ),
    );
  }
  if (leaves >= 3) {
    const from = along(main, 0.38).at;
    shapes.push(
      ...blade(
        [
          from,
          [from[0] - side * size * 0.04, from[1] - size * 0.2],
          [from[0] - side * size * 0.1, from[1] - Math.min(size * 0.42, h * 0.5)],
        ],
        (t) => half * 0.6 * (1 - t * t),
        inks,
        INK,
        line,
      ),
    );
  }
  shapes.push(...blade(main, (t) => half * (t < 0.12 ? 0.8 + 1.6 * t : 1) * (1 - t ** 3) + 0.1, inks, INK, line));
  const sheath = Math.min(h * 0.24, size * 0.3);
  shapes.push({ outline: `M${-half * 1.05} 0V${-sheath}H${half * 1.05}V0Z`, fill: STEM.sheath, stroke: INK, width: line });
  return shapes;
}

function drawBroad(
  h: number,
  size: number,
  heightMm: number,
  leaves: number,
  { lean, side, vigour }: Face & { vigour: Vigour },
): Shape[] {
  const inks = LEAF[vigour];
  const line = Math.min(1.3, Math.max(0.8, size / 90));
  const half = Math.max(1.1, size * 0.014);
  const tip = lean * 0.06 * h;
  const stem: [Point, Point, Point] = [
    [0, 0],
    [0, -0.6 * h],
    [tip, -h],
  ];
  if (heightMm < 12) return drawHook(h, side, line);
  const shapes = blade(stem, () => half, { light: STEM.stem, dark: STEM.stem }, INK, line);
  const pairAt = leaves === 0 ? 1 : 0.55;
  const node = along(stem, pairAt).at;
  const seedLeaf = Math.max(5, size * 0.15);
  for (const s of [-1, 1]) shapes.push(...leaf(node, s * seedLeaf, -seedLeaf * 0.25, 0.3 * FULL[vigour], line, inks));
  for (let i = 0; i < Math.min(leaves, 6); i++) {
    const t = leaves === 1 ? 0.86 : 0.68 + (0.3 * i) / Math.max(1, Math.min(leaves, 6) - 1);
    const from = along(stem, t).at;
    const long = Math.max(6, size * 0.19 * (1 - 0.08 * i));
    shapes.push(
      ...leaf(from, (i % 2 ? -side : side) * long * 0.85, -long * 0.55 * (1 - (t - 0.68)), 0.34 * FULL[vigour], line, inks),
    );
  }
  if (leaves > 0)
    shapes.push({
      outline: `M${tip - half * 1.4} ${-h + half * 2}L${tip} ${-h}L${tip + half * 1.4} ${-h + half * 2}Z`,
      fill: inks.dark,
      stroke: INK,
      width: line,
    });
  return shapes;
}

function leaf([x, y]: Point, dx: number, dy: number, roundness: number, line: number, inks: Inks): Shape[] {
  const long = Math.hypot(dx, dy);
  return blade(
    [
      [x, y],
      [x + dx * 0.5, y + dy * 0.5 - long * 0.12],
      [x + dx, y + dy],
    ],
    (t) => long * roundness * Math.sin(Math.PI * t) ** 0.7 * (0.6 + 0.4 * t),
    inks,
    INK,
    line,
  );
}

function drawHook(h: number, side: number, line: number): Shape[] {
  const r = Math.max(2.5, h * 0.28);
  const d = `M-1.200 0V${(-h + r).toFixed(1)}a${r} ${r} 0 0 ${side > 0 ? 1 : 0} ${2 * r * side} 0`;
  return [
    { outline: d, fill: 'none', stroke: INK, width: 3.4 + line },
    { outline: d, fill: 'none', stroke: STEM.sheath, width: 3 },
    { outline: `M${2 * r * side - 3} ${-h + r}l3 5l3-5z`, fill: LEAF.good.light, stroke: INK, width: line },
  ];
}
