import { type IsoDay } from '../calendar/days';
import { besideEachOther, currentReadings, hasEnded, type Reading, type ReadingState } from './reading';

/** How a container stood on a day on which somebody looked. */
export interface Look {
  day: IsoDay;
  state: ReadingState;
  /** The newest reading of each plant that day. */
  readings: readonly Reading[];
}

/** Lists of readings are never changed in place, so their looks have to be found only once. */
const found = new WeakMap<readonly Reading[], ReadonlyMap<string, readonly Look[]>>();

/** The looks of every container in order of days; a container that nobody looked at has none. */
export function looksByContainer(readings: readonly Reading[]): ReadonlyMap<string, readonly Look[]> {
  const before = found.get(readings);
  if (before) return before;
  const own = new Map<string, Reading[]>();
  for (const reading of currentReadings(readings)) {
    const list = own.get(reading.containerId);
    if (list) list.push(reading);
    else own.set(reading.containerId, [reading]);
  }
  const looks = new Map([...own].map(([id, list]) => [id, looksOf(list)]));
  found.set(readings, looks);
  return looks;
}

/** @param readings of one container, in order of days */
function looksOf(readings: readonly Reading[]): Look[] {
  const looks: Look[] = [];
  const last = new Map<string, Reading>();
  for (let i = 0; i < readings.length;) {
    const { day } = readings[i]!;
    const today = new Map<string, Reading>();
    for (; i < readings.length && readings[i]!.day === day; i++) {
      const reading = besideEachOther(today.get(readings[i]!.plant), readings[i]!);
      today.set(reading.plant, reading);
      if (reading.state !== 'not-checked') last.set(reading.plant, reading);
    }
    const own = [...today.values()];
    looks.push({ day, state: stateOf(own, endOf(last)), readings: own });
  }
  return looks;
}

/** How a container stands by what was seen on a day and the end in force. */
export function stateOf(today: readonly Reading[], end: Reading | null): ReadingState {
  if (today.some((r) => r.state === 'measured')) return 'measured';
  if (end !== null) return end.state;
  return today.some((r) => r.state === 'not-up') ? 'not-up' : 'not-checked';
}

/**
 * The end in force: null while some plant is there. Where plants ended in different ways a loss counts before a removal.
 * @param last of each plant the newest reading that says anything
 */
export function endOf(last: ReadonlyMap<string, Reading>): Reading | null {
  const all = [...last.values()];
  if (all.length === 0 || !all.every((r) => hasEnded(r.state))) return null;
  return all.filter((r) => r.state === 'lost').pop() ?? all[all.length - 1]!;
}

/** How it stood on a day: an end stays in force after its look; without a look it was not checked. */
export function lookOn(looks: readonly Look[], day: IsoDay): Look {
  let before: Look | null = null;
  for (const look of looks) {
    if (look.day > day) break;
    if (look.day === day) return look;
    before = look;
  }
  return { day, state: before !== null && hasEnded(before.state) ? before.state : 'not-checked', readings: [] };
}
