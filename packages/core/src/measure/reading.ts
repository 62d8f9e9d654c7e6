import { type IsoDay } from '../calendar/days';

/**
 * What a look at a plant can say. Zero, "not up yet", "lost" and "nobody could look" are four different facts and are
 * never stored as a number. `thinned` is taken out on purpose and `moved` is gone elsewhere: both end the record without a
 * death.
 */
export const READING_STATES = ['measured', 'not-up', 'lost', 'thinned', 'moved', 'not-checked'] as const;
export type ReadingState = (typeof READING_STATES)[number];

export const LOST_REASONS = ['died', 'eaten', 'knocked-over', 'dried-out', 'other'] as const;
export type LostReason = (typeof LOST_REASONS)[number];

export const LOST_WORDS: Record<LostReason, string> = {
  died: 'died',
  eaten: 'was eaten',
  'knocked-over': 'was knocked over',
  'dried-out': 'dried out',
  other: 'was lost',
};

/** One reading as stored: append-only, a correction names the reading it replaces. */
export interface Reading {
  id: string;
  containerId: string;
  /** Tag of the plant in its container. */
  plant: string;
  day: IsoDay;
  state: ReadingState;
  /** Height in millimetres, for `measured` only. */
  valueMm: number | null;
  /** As typed, with its unit. */
  typed: string | null;
  leaves: number | null;
  lostReason: LostReason | null;
  note: string | null;
  supersedes: string | null;
  recordedAt: string;
}

/** Readings that no other reading has replaced, oldest first. */
export function currentReadings<R extends Reading>(readings: readonly R[]): R[] {
  const replaced = new Set(readings.map((r) => r.supersedes).filter((id) => id !== null));
  return readings
    .filter((r) => !replaced.has(r.id))
    .sort((a, b) => (a.day === b.day ? (a.recordedAt < b.recordedAt ? -1 : 1) : a.day < b.day ? -1 : 1));
}

/** The readings that `id` replaced, newest first: what stands struck through beside it. */
export function replacedBy<R extends Reading>(readings: readonly R[], id: string): R[] {
  const byId = new Map(readings.map((r) => [r.id, r]));
  const chain: R[] = [];
  for (let old = byId.get(id)?.supersedes ?? null; old !== null && chain.length < readings.length;) {
    const reading = byId.get(old);
    if (!reading) break;
    chain.push(reading);
    old = reading.supersedes;
  }
  return chain;
}
