import { type IsoDay } from '../calendar/days';
import { findingOf } from '../measures/finding';
import { currentReadings, type Reading } from '../readings/reading';

/** A share of green that stands on record, counted in a picture. */
export interface CountOnRecord {
  readingId: string;
  picture: string;
  percent: number;
  method: string;
}

/** Where a count stands: one for a container and a day. */
export const countKey = (containerId: string, day: IsoDay): string => `${containerId} ${day}`;

/**
 * What stands on record of the pictures of a film, by container and day. Where somebody has put another value in the place of what was
 * counted, it stays by hand, and no count takes its place again.
 */
export function countsOnRecord(
  readings: readonly Reading[],
  isOfFilm: (picture: string) => boolean,
): Map<string, CountOnRecord | 'by-hand'> {
  const current = new Set(currentReadings(readings).map((r) => r.id));
  const found = new Map<string, CountOnRecord | 'by-hand'>();
  for (const r of readings) {
    const count = findingOf(r, 'percent-green');
    if (!count?.seen || count.value === null || !isOfFilm(count.seen.picture)) continue;
    const key = countKey(r.containerId, r.day);
    const { picture, method } = count.seen;
    if (current.has(r.id)) found.set(key, { readingId: r.id, picture, percent: count.value, method });
    else if (!found.has(key)) found.set(key, 'by-hand');
  }
  return found;
}
