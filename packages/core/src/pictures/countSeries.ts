import { type GreenIndex, greenMask, greenThreshold, type IndexHistogram, indexHistogram, percentGreen } from './greenness';
import { type LightFacts, lightOf, type LightProblem, lightProblem } from './light';
import { blankPicture, type Picture } from './picture';
import { countedMask, type SectionGrid, sectionMask } from './sectionGrid';

/** Which way of counting it was: changes whenever the same picture could give another number. */
export const COUNTING_VERSION = 1;

/** Where the two groups are parted before the series is known: only to look at the soil. */
const AT_FIRST = 0.15;

/** Below this brightness the grain of the sensor would be counted: then, and only then, pictures are calmed first, which blurs edges. */
const DIM = 40;

const readyToCount = (picture: Picture, { brightness }: Pick<LightFacts, 'brightness'>): Picture =>
  brightness < DIM ? calmed(picture) : picture;

/** What is kept of a straightened picture until its whole series is known. */
export interface PictureFacts {
  histogram: IndexHistogram;
  light: LightFacts;
}

/** @param picture straightened */
export function pictureFacts(picture: Picture, grid: SectionGrid, index: GreenIndex): PictureFacts {
  const counted = countedMask(picture, grid);
  const light = lightOf(picture, greenMask(picture, 'excess-green', AT_FIRST), counted);
  return { histogram: indexHistogram(readyToCount(picture, light), index, counted), light };
}

/** What holds for a whole series: from which value on a pixel is green, and which pictures do not fit the others. */
export interface SeriesJudged {
  threshold: number;
  /** The series does not part in two by itself: the usual value is taken. */
  usual: boolean;
  problems: (LightProblem | null)[];
}

/** Pictures whose light does not fit the others neither say what is green nor are counted. */
export function judgeSeries(index: GreenIndex, pictures: readonly PictureFacts[]): SeriesJudged {
  const light = pictures.map((p) => p.light);
  const problems = light.map((facts) => lightProblem(facts, light));
  const histograms = pictures.flatMap((p, i) => (problems[i] === null ? [p.histogram] : []));
  return { ...greenThreshold(index, histograms), problems };
}

/** What is green of a straightened picture: 1 for each such pixel. */
export const greenOf = (picture: Picture, light: LightFacts, index: GreenIndex, threshold: number): Uint8Array =>
  greenMask(readyToCount(picture, light), index, threshold);

/** Share of green in each section of a picture, %; null where nothing grows. @param mask 1 where it is green */
export function greenOfSections(mask: Uint8Array, size: Pick<Picture, 'width' | 'height'>, grid: SectionGrid): (number | null)[] {
  return grid.cells.map((cell, i) => (cell === null ? null : percentGreen(mask, sectionMask(size, grid, i))));
}

/** What was counted of one picture: its problem, or the share of green in each section, %. */
export interface CountedPicture {
  green: (number | null)[];
  problem: LightProblem | null;
  /** 1 for each green pixel of the straightened picture. */
  mask: Uint8Array;
}

/** Counts the green of a series of straightened pictures, all of one size: what is green is settled over all of them together. */
export function countSeries(
  pictures: readonly Picture[],
  grid: SectionGrid,
  index: GreenIndex = 'excess-green',
): { threshold: number; usual: boolean; counted: CountedPicture[] } {
  const facts = pictures.map((p) => pictureFacts(p, grid, index));
  const { threshold, usual, problems } = judgeSeries(index, facts);
  const counted = pictures.map((picture, i): CountedPicture => {
    const mask = greenOf(picture, facts[i]!.light, index, threshold);
    const problem = problems[i]!;
    return { mask, problem, green: problem === null ? greenOfSections(mask, picture, grid) : grid.cells.map(() => null) };
  });
  return { threshold, usual, counted };
}

/** Each pixel as the mean of itself and the eight around it, the nearer the more (1, 2, 1 in each direction): in dim light the grain of a small sensor would have colours of its own. */
function calmed(picture: Picture): Picture {
  const { width, height, data } = picture;
  const made = blankPicture(width, height);
  const across = new Float32Array(width * 3);
  for (let y = 0; y < height; y++) {
    const above = Math.max(0, y - 1) * width * 4;
    const here = y * width * 4;
    const below = Math.min(height - 1, y + 1) * width * 4;
    for (let x = 0; x < width; x++)
      for (let c = 0; c < 3; c++) {
        const i = x * 4 + c;
        across[x * 3 + c] = data[above + i]! + 2 * data[here + i]! + data[below + i]!;
      }
    for (let x = 0; x < width; x++) {
      const [left, right] = [x === 0 ? 0 : x - 1, x === width - 1 ? x : x + 1];
      for (let c = 0; c < 3; c++)
        made.data[here + x * 4 + c] = (across[left * 3 + c]! + 2 * across[x * 3 + c]! + across[right * 3 + c]!) / 16;
    }
  }
  return made;
}
