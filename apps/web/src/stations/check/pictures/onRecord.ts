import { type FilmView, type FrameView } from '@bright-sprout/contracts/answers/films';
import { type SaveCountsRequest } from '@bright-sprout/contracts/films';
import { type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { COUNTING_VERSION } from '@bright-sprout/core/pictures/countSeries';
import { countKey, countsOnRecord } from '@bright-sprout/core/pictures/countsOnRecord';
import { countingMethod } from '@bright-sprout/core/pictures/countingWords';
import { type FrameCounted } from '../../../workers/filmQuestion';

/** One decimal: finer than any eye, coarser than the noise of a camera. */
const rounded = (percent: number) => Math.round(10 * percent) / 10;

/**
 * What is green is settled over the whole series, so that each new picture moves the older numbers a little. By less than this, in points, they
 * stay as they stand.
 */
const MOVES = 0.5;

/** Numbers that were counted and do not stand on record as they are now, by the way in which they were counted. */
export function notOnRecord(
  film: Pick<FilmView, 'cells' | 'index' | 'frames'>,
  frames: readonly FrameView[],
  counted: readonly FrameCounted[],
  readings: readonly ReadingView[],
): SaveCountsRequest[] {
  const ofFilm = new Set(film.frames.map((f) => f.id));
  const standing = countsOnRecord(readings, (picture) => ofFilm.has(picture));
  const days = new Map(frames.map((f) => [f.id, f.day]));
  const byMethod = new Map<string, SaveCountsRequest['counts']>();
  for (const { id, green, mended } of counted) {
    const day = days.get(id);
    if (day === undefined) continue;
    const method = countingMethod(film.index, COUNTING_VERSION, mended);
    green.forEach((share, i) => {
      const containerId = film.cells[i];
      if (share === null || !containerId) return;
      const percent = rounded(share);
      const before = standing.get(countKey(containerId, day));
      if (before === 'by-hand') return;
      if (before?.picture === id && before.method === method && Math.abs(before.percent - percent) < MOVES) return;
      byMethod.set(method, [...(byMethod.get(method) ?? []), { frameId: id, containerId, percent }]);
    });
  }
  return [...byMethod].map(([method, counts]) => ({ method, counts }));
}
