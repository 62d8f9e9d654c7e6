import { type Generator, generatorFrom } from '../../random/generator';
import { type SectionGrid } from '../sectionGrid';
import { blankPicture, type Picture } from '../picture';

/** A seedling from above: where it stands, and from when on it is seen. */
export interface PanSeedling {
  /** From the left and the upper edge, cm. */
  x: number;
  y: number;
  /** Day on which its seed leaves open; whole or not. */
  upOn: number;
  /** Day from which nothing of it is seen any more; it stays without. */
  goneOn?: number;
  /** How large its leaves become, cm from its middle to a tip. */
  reachCm: number;
  /** So that each looks its own way, the same on every day. */
  face: number;
}

export const SOILS = ['brown', 'mossy', 'yellowish'] as const;
export type Soil = (typeof SOILS)[number];

/** A pan as it really is; what a camera sees of it, and how much of it is green, follow from this. */
export interface SimulatedPan {
  wideCm: number;
  deepCm: number;
  grid: SectionGrid;
  soil: Soil;
  seedlings: readonly PanSeedling[];
  /** Grain of its soil. */
  seed: number;
}

/** A pan seen from straight above in even light: its colours, and which pixels are leaves. */
export interface TopView {
  picture: Picture;
  leaf: Uint8Array;
  pixelsPerCm: number;
}

type Colour = readonly [number, number, number];

const SOIL: Record<Soil, { dark: Colour; light: Colour; speck: Colour; specks: number; moss?: Colour }> = {
  brown: { dark: [62, 46, 40], light: [112, 88, 74], speck: [206, 200, 190], specks: 0.004 },
  // Algae and moss give it a tinge, yet it is no plant of the class.
  mossy: { dark: [60, 55, 42], light: [104, 98, 72], speck: [128, 124, 76], specks: 0.02, moss: [86, 97, 56] },
  yellowish: { dark: [104, 84, 46], light: [166, 140, 84], speck: [214, 196, 148], specks: 0.01 },
};
const LEAF: readonly Colour[] = [
  [86, 140, 52],
  [104, 164, 62],
  [72, 118, 44],
];
const STRING: Colour = [214, 202, 166];
const RIM: Colour = [66, 76, 92];

/** Width of a string and of the rim, cm. */
const STRING_CM = 0.35;
const RIM_CM = 0.6;
/** Days in which a leaf comes within a third of its size. */
const SLOW_DAYS = 4;

/** What is seen of it on a day. */
export function panFromAbove(pan: SimulatedPan, day: number, pixelsPerCm: number): TopView {
  const width = Math.round(pan.wideCm * pixelsPerCm);
  const height = Math.round(pan.deepCm * pixelsPerCm);
  const picture = groundOf(pan, width, height, pixelsPerCm);
  const leaf = new Uint8Array(width * height);
  const up = pan.seedlings.filter((s) => s.upOn < day && day < (s.goneOn ?? Infinity)).sort((a, b) => b.upOn - a.upOn);
  for (const s of up) growOne(picture, leaf, s, day - s.upOn, pixelsPerCm);
  return { picture, leaf, pixelsPerCm };
}

/** Share of a section that leaves cover, %. */
export function trueGreen({ leaf }: TopView, counted: Uint8Array): number {
  let [green, all] = [0, 0];
  for (let p = 0; p < leaf.length; p++)
    if (counted[p] !== 0) {
      all++;
      green += leaf[p]!;
    }
  return (100 * green) / all;
}

/** Soil, strings and rim are the same on every day: they are drawn once. */
const grounds = new WeakMap<SimulatedPan, { perCm: number; ground: Picture }>();

function groundOf(pan: SimulatedPan, width: number, height: number, perCm: number): Picture {
  const known = grounds.get(pan);
  if (known?.perCm === perCm) return { ...known.ground, data: known.ground.data.slice() };
  const ground = blankPicture(width, height);
  layGround(ground, pan, perCm);
  grounds.set(pan, { perCm, ground });
  return { ...ground, data: ground.data.slice() };
}

const put = ({ data }: Picture, p: number, [r, g, b]: Colour, shade: number) => {
  data[p * 4] = r * shade;
  data[p * 4 + 1] = g * shade;
  data[p * 4 + 2] = b * shade;
};

function layGround(picture: Picture, { soil, seed, grid, wideCm, deepCm }: SimulatedPan, perCm: number): void {
  const { width, height } = picture;
  const draw = generatorFrom(seed);
  const { dark, light, speck, specks, moss } = SOIL[soil];
  const next = quickDraws(seed);
  const coarse = grain(draw, width, height, 1.6 * perCm);
  const fine = grain(draw, width, height, 0.35 * perCm);
  const string = STRING_CM / 2;
  for (let y = 0, p = 0; y < height; y++)
    for (let x = 0; x < width; x++, p++) {
      const [cx, cy] = [x / perCm, y / perCm];
      const edge = Math.min(cx, cy, wideCm - cx, deepCm - cy);
      const toString = Math.min(
        Math.abs(cx - (Math.round((cx / wideCm) * grid.columns) * wideCm) / grid.columns),
        Math.abs(cy - (Math.round((cy / deepCm) * grid.rows) * deepCm) / grid.rows),
      );
      if (edge < RIM_CM) put(picture, p, RIM, 1);
      else if (toString < string) put(picture, p, STRING, 0.85 + 0.15 * fine(x, y));
      else {
        const mix = Math.min(1, Math.max(0, 0.55 * coarse(x, y) + 0.45 * fine(x, y)));
        const shade = 0.92 + 0.16 * next();
        const [from, to] = moss && coarse(x, y) > 0.68 ? [dark, moss] : [dark, light];
        if (next() < specks) put(picture, p, speck, shade);
        else for (let c = 0; c < 3; c++) picture.data[p * 4 + c] = (from[c]! + (to[c]! - from[c]!) * mix) * shade;
      }
    }
}

/** A quick stream of numbers from 0 to 1, for millions of pixels (mulberry32): good enough for grain, not for dealing. */
export function quickDraws(seed: number): () => number {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** Smooth noise from 0 to 1, with so many pixels from one value to the next. */
function grain(draw: Generator, width: number, height: number, step: number): (x: number, y: number) => number {
  const columns = Math.ceil(width / step) + 2;
  const values = Float32Array.from({ length: columns * (Math.ceil(height / step) + 2) }, () => draw.uniform());
  const ease = (t: number) => t * t * (3 - 2 * t);
  return (x, y) => {
    const gx = x / step;
    const gy = y / step;
    const ix = Math.floor(gx);
    const iy = Math.floor(gy);
    const fx = ease(gx - ix);
    const fy = ease(gy - iy);
    const i = iy * columns + ix;
    const top = values[i]! * (1 - fx) + values[i + 1]! * fx;
    const low = values[i + columns]! * (1 - fx) + values[i + columns + 1]! * fx;
    return top * (1 - fy) + low * fy;
  };
}

/** Two seed leaves, and from the second week on two more across them; each throws a soft shadow. */
function growOne(picture: Picture, leaf: Uint8Array, s: PanSeedling, age: number, perCm: number): void {
  const draw = generatorFrom(s.face);
  const turn = draw.uniform() * Math.PI;
  const grown = 1 - Math.exp(-age / SLOW_DAYS);
  const leaves = [turn, turn + Math.PI].map((angle) => ({ angle, reach: s.reachCm * 0.8 * grown }));
  if (age > 6) {
    const later = 1 - Math.exp(-(age - 6) / SLOW_DAYS);
    leaves.push(
      ...[turn + Math.PI / 2, turn - Math.PI / 2].map((angle) => ({
        angle: angle + 0.3 * (draw.uniform() - 0.5),
        reach: s.reachCm * later,
      })),
    );
  }
  for (const { angle, reach } of leaves) {
    const colour = LEAF[draw.below(LEAF.length)]!;
    const shade = 0.85 + 0.3 * draw.uniform();
    paintLeaf(picture, leaf, { x: s.x * perCm, y: s.y * perCm, angle, reach: reach * perCm, colour, shade });
  }
}

interface Leaf {
  x: number;
  y: number;
  angle: number;
  reach: number;
  colour: Colour;
  shade: number;
}

function paintLeaf(picture: Picture, leaf: Uint8Array, { x, y, angle, reach, colour, shade }: Leaf): void {
  const { width, height, data } = picture;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const [mx, my] = [x + (cos * reach) / 2, y + (sin * reach) / 2];
  const [long, wide] = [reach / 2, reach / 3.2];
  const around = Math.ceil(long + 3);
  for (let py = Math.max(0, Math.floor(my - around)); py < Math.min(height, my + around); py++)
    for (let px = Math.max(0, Math.floor(mx - around)); px < Math.min(width, mx + around); px++) {
      const [dx, dy] = [px + 0.5 - mx, py + 0.5 - my];
      const along = (dx * cos + dy * sin) / long;
      const across = (dy * cos - dx * sin) / wide;
      const r2 = along * along + across * across;
      const p = py * width + px;
      if (r2 <= 1) {
        leaf[p] = 1;
        // Darker to its edge, with a pale rib.
        put(picture, p, colour, shade * (1 - 0.22 * r2) * (Math.abs(across) < 0.08 ? 1.12 : 1));
      } else if (r2 < 1.5 && leaf[p] === 0) for (let c = 0; c < 3; c++) data[p * 4 + c] = data[p * 4 + c]! * 0.86;
    }
}

/** How seeds come up in one section of a simulated pan. */
export interface SectionGrowth {
  /** Seedlings in all. */
  seedlings: number;
  /** Day on which half of them are up, and the days from a sixth of them to half. */
  halfOn: number;
  spreadDays: number;
  reachCm: number;
}

/** A pan whose sections are sown by hand: places and days are drawn, the same for the same seed. */
export function sownPan(
  facts: Pick<SimulatedPan, 'wideCm' | 'deepCm' | 'grid' | 'soil' | 'seed'>,
  growth: (section: number) => SectionGrowth | null,
): SimulatedPan {
  const draw = generatorFrom(facts.seed ^ 0x5eed);
  const { columns, rows } = facts.grid;
  const [wide, deep] = [facts.wideCm / columns, facts.deepCm / rows];
  const seedlings = Array.from({ length: columns * rows }, (_, i) => {
    const grows = growth(i);
    if (!grows) return [];
    return Array.from({ length: grows.seedlings }, (): PanSeedling => ({
      x: wide * ((i % columns) + 0.05 + 0.9 * draw.uniform()),
      y: deep * (Math.floor(i / columns) + 0.05 + 0.9 * draw.uniform()),
      upOn: Math.max(1, grows.halfOn + grows.spreadDays * draw.normal()),
      reachCm: grows.reachCm * (0.75 + 0.5 * draw.uniform()),
      face: draw.below(2 ** 31),
    }));
  }).flat();
  return { ...facts, seedlings };
}

/** A seedling of the simulator, as it was looked at on a day. */
interface LookedAt {
  code: string;
  plant: string;
  dayNumber: number;
  state: string;
}

/**
 * A pan in which the simulator's own seedlings stand: each is seen from the hour on in which it came up, and stays until it is lost.
 * @param looks at every seedling on every day
 */
export function panOfSimulation(
  facts: Pick<SimulatedPan, 'wideCm' | 'deepCm' | 'grid' | 'soil' | 'seed'>,
  looks: readonly LookedAt[],
  reachCm: number,
): SimulatedPan {
  const draw = generatorFrom(facts.seed ^ 0x5eed);
  const { columns, rows, cells } = facts.grid;
  const [wide, deep] = [facts.wideCm / columns, facts.deepCm / rows];
  const upOn = new Map<string, { code: string; first: number; lost: number }>();
  for (const { code, plant, dayNumber, state } of looks) {
    const known = upOn.get(`${code} ${plant}`);
    if (state === 'measured' && !known) upOn.set(`${code} ${plant}`, { code, first: dayNumber, lost: Infinity });
    if (state === 'lost' && known) known.lost = Math.min(known.lost, dayNumber);
  }
  const seedlings = [...upOn.values()].flatMap(({ code, first, lost }): PanSeedling[] => {
    const at = cells.indexOf(code);
    if (at < 0) return [];
    return [
      {
        x: wide * ((at % columns) + 0.05 + 0.9 * draw.uniform()),
        y: deep * (Math.floor(at / columns) + 0.05 + 0.9 * draw.uniform()),
        upOn: first - draw.uniform(),
        goneOn: lost,
        reachCm: reachCm * (0.75 + 0.5 * draw.uniform()),
        face: draw.below(2 ** 31),
      },
    ];
  });
  return { ...facts, seedlings };
}
