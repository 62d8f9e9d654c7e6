import { type IsoDay } from '../calendar/days';
import { type MoreFound } from '../bench/benchProtocol';
import { currentReadings, type LostReason, type Reading, type ReadingState } from './reading';

/** How one container stands on one day, from all that was recorded up to it. */
export interface Standing {
  containerId: string;
  state: ReadingState;
  /** Mean height of its measured plants that day, in millimetres; null where no height was taken. */
  heightMm: number | null;
  /** Measured plants behind the mean. */
  plants: number;
  leaves: number | null;
  more: MoreFound | null;
  /** A question about a height of this day that nobody has answered. */
  doubtful: boolean;
  /** Day from which it counts as lost, thinned or moved. */
  lostOn: IsoDay | null;
  lostReason: LostReason | null;
  /** Height when it was last measured up to this day, mm: what stays of a lost plant. */
  lastHeightMm: number | null;
  /** The look on this very day, if there was one (several plants: the newest). */
  reading: Reading | null;
  /** True when two current readings of one plant disagree on this day: both stay, and somebody has to look. */
  disputed: boolean;
}

/**
 * The standing of each container on `day`. A lost, thinned or moved plant stays so from its day on; a container nobody
 * looked at on this day is `not-checked`. Where two devices recorded one plant on one day the newest reading counts and `disputed` says so.
 */
export function standingsOn(containerIds: readonly string[], readings: readonly Reading[], day: IsoDay): Map<string, Standing> {
  const byContainer = new Map<string, Reading[]>(containerIds.map((id) => [id, []]));
  for (const reading of currentReadings(readings)) {
    if (reading.day > day) break;
    byContainer.get(reading.containerId)?.push(reading);
  }
  return new Map(containerIds.map((id) => [id, standing(id, byContainer.get(id)!, day)]));
}

function standing(containerId: string, readings: readonly Reading[], day: IsoDay): Standing {
  const today = readings.filter((r) => r.day === day);
  const newest = new Map(today.map((r) => [r.plant, r]));
  const seen = [...newest.values()];
  const measured = seen.filter((r) => r.state === 'measured' && r.valueMm !== null);
  const end = lastEnd(readings);
  const state: ReadingState =
    measured.length > 0 || seen.some((r) => r.state === 'measured')
      ? 'measured'
      : end !== null
        ? end.state
        : seen.some((r) => r.state === 'not-up')
          ? 'not-up'
          : 'not-checked';
  return {
    containerId,
    state,
    heightMm: measured.length > 0 ? measured.reduce((sum, r) => sum + r.valueMm!, 0) / measured.length : null,
    plants: measured.length,
    leaves: measured.find((r) => r.leaves !== null)?.leaves ?? null,
    more: seen.find((r) => r.more !== null)?.more ?? null,
    doubtful: seen.some((r) => r.doubt !== null && r.doubt.answer === null),
    lostOn: state === end?.state ? end.day : null,
    lostReason: state === 'lost' ? end!.lostReason : null,
    lastHeightMm: lastHeight(readings),
    reading: seen[seen.length - 1] ?? null,
    disputed: today.length > newest.size && disagree(today),
  };
}

const ENDS: readonly ReadingState[] = ['lost', 'thinned', 'moved'];

/** The end in force: null while some plant is there. Where plants ended in different ways a loss counts before a removal. */
function lastEnd(readings: readonly Reading[]): Reading | null {
  const last = new Map<string, Reading>();
  for (const reading of readings) if (reading.state !== 'not-checked') last.set(reading.plant, reading);
  const all = [...last.values()];
  if (all.length === 0 || !all.every((r) => ENDS.includes(r.state))) return null;
  return all.filter((r) => r.state === 'lost').pop() ?? all[all.length - 1]!;
}

/** Mean height of the plants on the last day any was measured. */
function lastHeight(readings: readonly Reading[]): number | null {
  const measured = readings.filter((r) => r.state === 'measured' && r.valueMm !== null);
  const last = measured[measured.length - 1]?.day;
  const own = new Map(measured.filter((r) => r.day === last).map((r) => [r.plant, r.valueMm!]));
  return own.size === 0 ? null : [...own.values()].reduce((sum, v) => sum + v, 0) / own.size;
}

function disagree(readings: readonly Reading[]): boolean {
  return readings.some((r) => readings.some((s) => s.plant === r.plant && (s.state !== r.state || s.valueMm !== r.valueMm)));
}

/** The days on which anybody looked, in order. */
export function recordedDays(readings: readonly Reading[]): IsoDay[] {
  return [...new Set(readings.map((r) => r.day))].sort();
}
