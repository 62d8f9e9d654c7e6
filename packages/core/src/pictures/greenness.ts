import { type Picture } from './picture';

/**
 * Two schools of telling plants from soil by colour, on chromatic coordinates (each channel as a share of all three):
 * excess green 2g − r − b (Woebbecke et al. 1995), and that minus excess red 1.4r − g (Meyer & Neto 2008).
 */
export const GREEN_INDICES = ['excess-green', 'excess-green-minus-red'] as const;
export type GreenIndex = (typeof GREEN_INDICES)[number];

/** Bins of a histogram of an index, and the ends between which it counts; what lies beyond is in the last bin. */
const BINS = 512;
const [LOW, HIGH] = [-1, 1];
const PER_UNIT = BINS / (HIGH - LOW);

/** Darker than this in all channels together, 0 to 765, a pixel has no colour that could be told. */
const BLACK = 24;

/** An index of a colour; the lowest there is where it is too dark to have one. */
export function greenIndex(index: GreenIndex, r: number, g: number, b: number): number {
  const sum = r + g + b;
  if (sum < BLACK) return LOW;
  const excess = (2 * g - r - b) / sum;
  return index === 'excess-green' ? excess : excess - (1.4 * r - g) / sum;
}

/** How often each value of an index comes, among so many pixels. */
export interface IndexHistogram {
  counts: Float64Array;
  pixels: number;
}

const binOf = (value: number) => Math.min(BINS - 1, Math.max(0, Math.floor((value - LOW) * PER_UNIT)));

/** @param counted which pixels are looked at; all where nothing is said */
export function indexHistogram({ data }: Picture, index: GreenIndex, counted?: Uint8Array): IndexHistogram {
  const counts = new Float64Array(BINS);
  let pixels = 0;
  for (let i = 0, p = 0; i < data.length; i += 4, p++) {
    if (counted && counted[p] === 0) continue;
    counts[binOf(greenIndex(index, data[i]!, data[i + 1]!, data[i + 2]!))]!++;
    pixels++;
  }
  return { counts, pixels };
}

/** Two groups in a histogram: the value between them, their means, and how much of the spread lies between them, 0 to 1. */
export interface Split {
  threshold: number;
  below: number;
  above: number;
  between: number;
}

/**
 * The value that parts a histogram into the two groups that lie furthest apart (Otsu 1979), over all pictures of a series together: each
 * picture counts alike, however large it is.
 */
export function otsuSplit(histograms: readonly IndexHistogram[]): Split | null {
  const pooled = new Float64Array(BINS);
  for (const { counts, pixels } of histograms) if (pixels > 0) counts.forEach((n, i) => (pooled[i]! += n / pixels));
  const at = (i: number) => LOW + (i + 0.5) / PER_UNIT;
  const all = pooled.reduce((a, b) => a + b, 0);
  if (all === 0) return null;
  const mean = pooled.reduce((a, n, i) => a + n * at(i), 0) / all;
  const spread = pooled.reduce((a, n, i) => a + n * (at(i) - mean) ** 2, 0) / all;
  let [weight, sum, best]: [number, number, Split | null] = [0, 0, null];
  for (let i = 0; i < BINS - 1; i++) {
    weight += pooled[i]! / all;
    sum += (pooled[i]! / all) * at(i);
    if (weight <= 0 || weight >= 1 - 1e-12) continue;
    const [below, above] = [sum / weight, (mean - sum) / (1 - weight)];
    const between = spread === 0 ? 0 : (weight * (1 - weight) * (above - below) ** 2) / spread;
    if (best === null || between > best.between) best = { threshold: LOW + (i + 1) / PER_UNIT, below, above, between };
  }
  return best;
}

/** Which pixels are green where a series shows one colour only: nothing has come up yet, or too little to part it by. */
const USUAL: Record<GreenIndex, number> = { 'excess-green': 0.24, 'excess-green-minus-red': 0.18 };
/**
 * Two groups are two where they lie so far apart and hold so much of the spread between them: cut in halves, one bell curve has 2/π = 0.64
 * of it between them, an even spread 0.75.
 */
const LEAST_APART = 0.15;
const LEAST_BETWEEN = 0.66;

/** From which value on a pixel is green, over a whole series; `usual` where the series does not part in two and a usual value is taken. */
export function greenThreshold(index: GreenIndex, histograms: readonly IndexHistogram[]): { threshold: number; usual: boolean } {
  const split = otsuSplit(histograms);
  const parts = split !== null && split.above - split.below >= LEAST_APART && split.between >= LEAST_BETWEEN;
  // Soil alone can part in two as well: below half of the usual value nothing is green.
  return parts && split.threshold >= USUAL[index] / 2
    ? { threshold: split.threshold, usual: false }
    : { threshold: USUAL[index], usual: true };
}

/** 1 for each pixel that is green, 0 for the others. */
export function greenMask({ data }: Picture, index: GreenIndex, threshold: number): Uint8Array {
  const mask = new Uint8Array(data.length / 4);
  for (let i = 0, p = 0; i < data.length; i += 4, p++)
    if (greenIndex(index, data[i]!, data[i + 1]!, data[i + 2]!) >= threshold) mask[p] = 1;
  return mask;
}

/**
 * Share of green in a part of a picture, %; null where nothing of it is counted.
 * @param counted which pixels belong to it
 */
export function percentGreen(mask: Uint8Array, counted: Uint8Array): number | null {
  let [green, all] = [0, 0];
  for (let p = 0; p < mask.length; p++)
    if (counted[p] !== 0) {
      all++;
      green += mask[p]!;
    }
  return all === 0 ? null : (100 * green) / all;
}
