import { type IsoDay } from '../calendar/days';
import { currentReadings, type LostReason, type Reading, type ReadingState } from './reading';

/** How one container stands on one day, from all that was recorded up to it. */
export interface Standing {
  containerId: string;
  state: ReadingState;
  /** Mean height of its measured plants that day, in millimetres; null unless `measured`. */
  heightMm: number | null;
  /** Measured plants behind the mean. */
  plants: number;
  leaves: number | null;
  /** Day from which it counts as lost. */
  lostOn: IsoDay | null;
  lostReason: LostReason | null;
  /** The look on this very day, if there was one (several plants: the newest). */
  reading: Reading | null;
  /** True when two current readings of one plant disagree on this day: both stay, and somebody has to look. */
  disputed: boolean;
}

/**
 * The standing of each container on `day`. A lost plant stays lost from its day on; a container nobody looked at on this
 * day is `not-checked`. Where two devices recorded one plant on one day the newest reading counts and `disputed` says so.
 */
export function standingsOn(containerIds: readonly string[], readings: readonly Reading[], day: IsoDay): Map<string, Standing> {
  const byContainer = new Map<string, Reading[]>(containerIds.map((id) => [id, []]));
  for (const reading of currentReadings(readings)) if (reading.day <= day) byContainer.get(reading.containerId)?.push(reading);
  return new Map(containerIds.map((id) => [id, standing(id, byContainer.get(id)!, day)]));
}

function standing(containerId: string, readings: readonly Reading[], day: IsoDay): Standing {
  const today = readings.filter((r) => r.day === day);
  const newest = new Map(today.map((r) => [r.plant, r]));
  const seen = [...newest.values()];
  const measured = seen.filter((r) => r.state === 'measured' && r.valueMm !== null);
  const lostLast = lastLoss(readings);
  const state: ReadingState =
    measured.length > 0
      ? 'measured'
      : lostLast !== null
        ? 'lost'
        : seen.some((r) => r.state === 'not-up')
          ? 'not-up'
          : 'not-checked';
  return {
    containerId,
    state,
    heightMm: measured.length > 0 ? measured.reduce((sum, r) => sum + r.valueMm!, 0) / measured.length : null,
    plants: measured.length,
    leaves: measured.find((r) => r.leaves !== null)?.leaves ?? null,
    lostOn: state === 'lost' ? lostLast!.day : null,
    lostReason: state === 'lost' ? lostLast!.lostReason : null,
    reading: seen[seen.length - 1] ?? null,
    disputed: today.length > newest.size && disagree(today),
  };
}

/** The loss in force: null when every plant is alive or some plant was seen alive after the last loss. */
function lastLoss(readings: readonly Reading[]): Reading | null {
  const last = new Map<string, Reading>();
  for (const reading of readings) if (reading.state !== 'not-checked') last.set(reading.plant, reading);
  const all = [...last.values()];
  return all.length > 0 && all.every((r) => r.state === 'lost') ? all[all.length - 1]! : null;
}

function disagree(readings: readonly Reading[]): boolean {
  return readings.some((r) => readings.some((s) => s.plant === r.plant && (s.state !== r.state || s.valueMm !== r.valueMm)));
}

/** The days on which anybody looked, in order. */
export function recordedDays(readings: readonly Reading[]): IsoDay[] {
  return [...new Set(readings.map((r) => r.day))].sort();
}
