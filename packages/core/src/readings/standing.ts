import { type IsoDay } from '../calendar/days';
import { type Finding, findingOf, heightOf } from '../measures/finding';
import {
  currentReadings,
  isDoubtful,
  type LostReason,
  newestOfPlants,
  type Reading,
  type ReadingState,
  showsPlants,
} from './reading';
import { endOf, stateOf } from './looks';

/** How one container stands on one day, from all that was recorded up to it. */
export interface Standing {
  containerId: string;
  state: ReadingState;
  /** What was seen on this very day, the newest look at each plant. */
  looks: readonly Reading[];
  /** Mean height of its measured plants that day, in millimetres; null where no height was taken. */
  heightMm: number | null;
  /** Measured plants behind the mean. */
  plants: number;
  /** A question about a value of this day that nobody has answered. */
  doubtful: boolean;
  /** Day from which it counts as lost, thinned or moved. */
  lostOn: IsoDay | null;
  lostReason: LostReason | null;
  /** The looks of the last day up to this one on which anything was found: what stays of a lost plant. */
  lastLooks: readonly Reading[];
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
  const newest = newestOfPlants(today);
  const looks = [...newest.values()];
  const heights = looks.flatMap((r) => heightOf(r) ?? []);
  const end = endOf(new Map(readings.filter((r) => r.state !== 'not-checked').map((r) => [r.plant, r])));
  const state = stateOf(looks, end);
  return {
    containerId,
    state,
    looks,
    heightMm: meanOf(heights),
    plants: heights.length,
    doubtful: looks.some(isDoubtful),
    lostOn: state === end?.state ? end.day : null,
    lostReason: state === 'lost' ? end!.lostReason : null,
    lastLooks: lastLooks(readings),
    reading: looks[looks.length - 1] ?? null,
    disputed: today.length > newest.size && disagree(today),
  };
}

/** What was found of a measure on this day: one finding a plant. */
export function foundOf({ looks }: Pick<Standing, 'looks'>, measure: string): Finding[] {
  return looks.flatMap((r) => findingOf(r, measure) ?? []);
}

function meanOf(values: readonly number[]): number | null {
  return values.length === 0 ? null : values.reduce((sum, v) => sum + v, 0) / values.length;
}

function lastLooks(readings: readonly Reading[]): Reading[] {
  const found = readings.filter((r) => r.findings.length > 0);
  const last = found[found.length - 1]?.day;
  return [...newestOfPlants(found.filter((r) => r.day === last)).values()];
}

const sameFound = (a: Finding, b: Finding) => a.measure === b.measure && a.value === b.value && a.choice === b.choice;

type Found = Pick<Reading, 'state' | 'findings'>;

/** What nothing has come up of is not up, however it is told. */
const stateTold = (r: Found): ReadingState => (r.state === 'measured' && !showsPlants(r) ? 'not-up' : r.state);

/** Two looks at one plant contradict each other: in state, or in a measure that both found. */
export function contradict(a: Found, b: Found): boolean {
  return (
    stateTold(a) !== stateTold(b) || a.findings.some((f) => b.findings.some((g) => f.measure === g.measure && !sameFound(f, g)))
  );
}

function disagree(readings: readonly Reading[]): boolean {
  return readings.some((r) => readings.some((s) => r.plant === s.plant && contradict(r, s)));
}

/** The days on which anybody looked, in order. */
export function recordedDays(readings: readonly Reading[]): IsoDay[] {
  return [...new Set(readings.map((r) => r.day))].sort();
}
