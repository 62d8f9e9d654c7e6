import { type IsoDay } from '../calendar/days';
import { currentReadings, hasEnded, type Reading, type ReadingState } from './reading';
import { recordedDays } from './standing';

/** Container → plant → how it was found. */
type Found = Map<string, Map<string, ReadingState>>;

/**
 * Share of the containers with an answer on each day on which anybody looked, 0 to 1: those that were found in some state that
 * day, and those whose plants had all ended by then. The same as asking `standingsOn` day by day, in one pass over the readings.
 */
export function answeredShares(containerIds: readonly string[], readings: readonly Reading[]): Map<IsoDay, number> {
  const shares = new Map<IsoDay, number>();
  const last: Found = new Map();
  const byDay = new Map<IsoDay, Reading[]>(recordedDays(readings).map((day) => [day, []]));
  for (const reading of currentReadings(readings)) byDay.get(reading.day)!.push(reading);
  for (const [day, looks] of byDay) {
    const today: Found = new Map();
    for (const reading of looks) {
      note(today, reading);
      if (reading.state !== 'not-checked') note(last, reading);
    }
    const answered = containerIds.filter((id) => wasFound(today.get(id)) || isOver(last.get(id))).length;
    shares.set(day, containerIds.length === 0 ? 0 : answered / containerIds.length);
  }
  return shares;
}

/** From this share of the containers on, a day tells about the whole class. */
export const WHOLE_CLASS = 0.5;

function note(found: Found, { containerId, plant, state }: Reading): void {
  const plants = found.get(containerId);
  if (plants) plants.set(plant, state);
  else found.set(containerId, new Map([[plant, state]]));
}

const wasFound = (plants: Map<string, ReadingState> | undefined) =>
  plants !== undefined && [...plants.values()].some((s) => s === 'measured' || s === 'not-up');

const isOver = (plants: Map<string, ReadingState> | undefined) => plants !== undefined && [...plants.values()].every(hasEnded);
