import { generatorFrom } from '../../random/generator';
import { type LaidContainer, type Layout } from './layOut';

/** How a treatment stands in a lopsided layout. */
export type Lopsided = 'one-side' | 'ends' | 'middle' | 'window' | 'room';

export interface Balance {
  /** Share of deals of the same places that are at least as lopsided, 0 to 1; the layout itself counts as one. */
  share: number;
  /** The treatment that stands out most, and how. */
  treatment: string;
  how: Lopsided;
}

const DEALS = 399;

/** Where a container stands on its tray: from the left, from the middle, from the window; each 0 to 1. */
function standsAt({ trays }: Layout, { tray, column, row }: LaidContainer): number[] {
  const { columns, rows } = trays[tray]!;
  const across = (column + 0.5) / columns;
  return [across, Math.abs(across - 0.5), (row + 0.5) / rows];
}

/**
 * How evenly treatments stand over the places, held against random deals: the spread of the treatments' mean places, in each
 * direction by itself, is compared with what it is when labels are dealt anew (within teams where those have places of their own).
 * Null with fewer than two treatments or two containers of each.
 */
export function balanceOf(layout: Layout): Balance | null {
  const { containers } = layout;
  const treatments = [...new Set(containers.map((c) => c.treatment))];
  if (treatments.length < 2 || containers.length < 2 * treatments.length) return null;
  const places = containers.map((c) => standsAt(layout, c));
  const directions = [0, 1, 2].map((d) => scored(places.map((p) => p[d]!))).map((values) => values ?? null);
  const labels = containers.map((c) => treatments.indexOf(c.treatment));
  const blocks = blocksOf(containers);
  const own = lopsidedness(labels, directions, treatments.length);
  const dice = generatorFrom(7);
  let asBad = 1;
  const dealt = [...labels];
  for (let n = 0; n < DEALS; n++) {
    for (const block of blocks)
      for (let i = block.length - 1; i > 0; i--) {
        const k = Math.min(i, Math.floor(dice.uniform() * (i + 1)));
        [dealt[block[i]!], dealt[block[k]!]] = [dealt[block[k]!]!, dealt[block[i]!]!];
      }
    if (lopsidedness(dealt, directions, treatments.length).most >= own.most - 1e-9) asBad++;
  }
  return { share: asBad / (DEALS + 1), treatment: treatments[own.treatment]!, how: howOf(own) };
}

/** Standard scores; null where all are alike. */
function scored(values: readonly number[]): number[] | null {
  const mean = values.reduce((a, b) => a + b, 0) / values.length;
  const sd = Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / values.length);
  return sd < 1e-9 ? null : values.map((v) => (v - mean) / sd);
}

/** Places among which labels are dealt: a team's own, or all. */
function blocksOf(containers: readonly LaidContainer[]): number[][] {
  const blocks = new Map<number | null, number[]>();
  containers.forEach(({ team }, i) => blocks.set(team, [...(blocks.get(team) ?? []), i]));
  return [...blocks.values()];
}

interface Lopsidedness {
  most: number;
  direction: number;
  treatment: number;
  mean: number;
}

/** The largest spread of treatment means in any direction, and the treatment that is farthest out in it. */
function lopsidedness(labels: readonly number[], directions: readonly (number[] | null)[], groups: number): Lopsidedness {
  let worst: Lopsidedness = { most: -1, direction: 0, treatment: 0, mean: 0 };
  directions.forEach((values, direction) => {
    if (values === null) return;
    const sums = new Float64Array(groups);
    const counts = new Float64Array(groups);
    labels.forEach((label, i) => {
      sums[label]! += values[i]!;
      counts[label]! += 1;
    });
    let spread = 0;
    let far = 0;
    for (let g = 0; g < groups; g++) {
      spread += sums[g]! ** 2 / counts[g]!;
      if (Math.abs(sums[g]!) > Math.abs(sums[far]!)) far = g;
    }
    if (spread > worst.most) worst = { most: spread, direction, treatment: far, mean: sums[far]! / counts[far]! };
  });
  return worst;
}

function howOf({ direction, mean }: Lopsidedness): Lopsided {
  if (direction === 0) return 'one-side';
  if (direction === 1) return mean > 0 ? 'ends' : 'middle';
  return mean > 0 ? 'room' : 'window';
}
