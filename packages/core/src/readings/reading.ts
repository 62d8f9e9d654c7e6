import { say } from '@bright-sprout/words/say';
import { type IsoDay } from '../calendar/days';
import { type Finding } from '../measures/finding';
import { type DoubtKind, type Intent } from './doubtKinds';

/**
 * What a look at a plant can say. Zero, "not up yet", "lost" and "nobody could look" are four different facts and are
 * never stored as a number. `thinned` is taken out on purpose and `moved` is gone elsewhere: both end the record without a
 * death.
 */
export const READING_STATES = ['measured', 'not-up', 'lost', 'thinned', 'moved', 'not-checked'] as const;
export type ReadingState = (typeof READING_STATES)[number];

/** States with which the record of a plant ends. */
const ENDS: readonly ReadingState[] = ['lost', 'thinned', 'moved'];

export function hasEnded(state: ReadingState): boolean {
  return ENDS.includes(state);
}

export const LOST_REASONS = ['died', 'eaten', 'knocked-over', 'dried-out', 'other'] as const;
export type LostReason = (typeof LOST_REASONS)[number];

export const LOST_WORDS: Record<LostReason, string> = {
  died: 'died',
  get eaten() {
    return say('readings.wasEaten');
  },
  get 'knocked-over'() {
    return say('readings.knockedOver');
  },
  get 'dried-out'() {
    return say('readings.driedOut');
  },
  get other() {
    return say('readings.wasLost');
  },
};

/** A question at the bench as it is kept: the value stays whatever was answered. */
export interface ReadingDoubt {
  kind: DoubtKind;
  /** The measure it is about; the height where none is named. */
  measure?: string;
  /** Null while the question is open. */
  answer: Intent | null;
  /** Height by a second student, in millimetres; null where nobody measured again. */
  secondMm: number | null;
}

/** One reading as stored: append-only, a correction names the reading it replaces. */
export interface Reading {
  id: string;
  containerId: string;
  /** Tag of the plant in its container. */
  plant: string;
  day: IsoDay;
  state: ReadingState;
  /** What was found, for `measured` only: each measure at most once. */
  findings: readonly Finding[];
  /** The question that its height raised, and what was answered. */
  doubt: ReadingDoubt | null;
  lostReason: LostReason | null;
  note: string | null;
  supersedes: string | null;
  recordedAt: string;
}

/** Whether the question that it raised is still open. */
export const isDoubtful = ({ doubt }: Pick<Reading, 'doubt'>): boolean => doubt !== null && doubt.answer === null;

/** What says which readings still stand. */
type Superseding = Pick<Reading, 'id' | 'supersedes' | 'day' | 'recordedAt'>;

/** Lists of readings are never changed in place, so what stands of one has to be found only once. */
const found = new WeakMap<readonly Superseding[], Superseding[]>();

/** Nor has a list to be indexed more than once. */
const indexes = new WeakMap<readonly Reading[], ReadonlyMap<string, Reading>>();

function indexed<R extends Reading>(readings: readonly R[]): ReadonlyMap<string, R> {
  const before = indexes.get(readings);
  if (before) return before as ReadonlyMap<string, R>;
  const index = new Map(readings.map((r) => [r.id, r]));
  indexes.set(readings, index);
  return index;
}

/** Readings that no other reading has replaced, oldest first. */
export function currentReadings<R extends Superseding>(readings: readonly R[]): readonly R[] {
  const before = found.get(readings);
  if (before) return before as unknown as R[];
  const replaced = new Set(readings.map((r) => r.supersedes).filter((id) => id !== null));
  const current = readings
    .filter((r) => !replaced.has(r.id))
    .sort((a, b) => (a.day === b.day ? (a.recordedAt < b.recordedAt ? -1 : 1) : a.day < b.day ? -1 : 1));
  found.set(readings, current);
  return current;
}

/** Less green than this in a picture, %, nothing has come up: a leaf of dust, a fleck of light. */
const NOTHING_GREEN = 0.5;

/** Whether a look shows a plant: one that was measured does, unless all that was measured is how little of a place is green. */
export function showsPlants({ state, findings }: Pick<Reading, 'state' | 'findings'>): boolean {
  return (
    state === 'measured' &&
    !(findings.length > 0 && findings.every((f) => f.measure === 'percent-green' && f.value !== null && f.value < NOTHING_GREEN))
  );
}

/**
 * Two readings of one plant on one day as one: the later counts. What was counted in a picture and what was found at the plant stand
 * beside each other, whichever came first.
 */
export function besideEachOther<R extends Pick<Reading, 'state' | 'findings'>>(earlier: R | undefined, later: R): R {
  if (earlier?.state !== 'measured') return later;
  if (later.state === 'not-up' && !showsPlants(earlier)) return earlier;
  if (later.state !== 'measured') return later;
  const fromPicture = later.findings.every((f) => f.seen);
  const stays = earlier.findings.filter((f) => (fromPicture || f.seen) && !later.findings.some((g) => g.measure === f.measure));
  return stays.length === 0 ? later : { ...later, findings: [...later.findings, ...stays] };
}

/** The newest reading of each plant, of readings of one day in the order in which they were recorded. */
export function newestOfPlants<R extends Pick<Reading, 'plant' | 'state' | 'findings'>>(readings: readonly R[]): Map<string, R> {
  const newest = new Map<string, R>();
  for (const r of readings) newest.set(r.plant, besideEachOther(newest.get(r.plant), r));
  return newest;
}

/** The readings that `id` replaced, newest first: what stands struck through beside it. */
export function replacedBy<R extends Reading>(readings: readonly R[], id: string): R[] {
  const byId = indexed(readings);
  const chain: R[] = [];
  for (let old = byId.get(id)?.supersedes ?? null; old !== null && chain.length < readings.length;) {
    const reading = byId.get(old);
    if (!reading) break;
    chain.push(reading);
    old = reading.supersedes;
  }
  return chain;
}
