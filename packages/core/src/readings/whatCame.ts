import { heightOf } from '../measures/finding';
import { daysBetween, type IsoDay } from '../calendar/days';
import { currentReadings, type Reading, showsPlants } from './reading';

/** When the first came up: after the last day on which nothing was seen, and not later than the first on which it was. */
export interface FirstUp {
  after: number;
  by: number;
}

interface Sown {
  id: string;
  treatment: string;
  sownOn: IsoDay;
}

/** Day numbers between which the first of these containers came up; null while none has. */
export function firstUp(containers: readonly Sown[], readings: readonly Reading[]): FirstUp | null {
  const looked = currentReadings(readings).flatMap((r) => {
    const container = containers.find((c) => c.id === r.containerId);
    return container ? [{ ...r, dayNumber: daysBetween(container.sownOn, r.day) }] : [];
  });
  const up = looked.filter(showsPlants).map((r) => r.dayNumber);
  if (up.length === 0) return null;
  const by = Math.min(...up);
  // What was measured before that showed no plant yet.
  const nothing = looked.filter((r) => r.dayNumber < by && (r.state === 'not-up' || r.state === 'measured'));
  return { after: Math.max(0, ...nothing.map((r) => r.dayNumber)), by };
}

/** How many containers have come up, and the days on which the first and the last of them were first seen so. */
export interface CameUp {
  up: number;
  of: number;
  first: IsoDay;
  last: IsoDay;
}

/** What was seen of sprouting so far; null while nothing is up. */
export function cameUp(containerIds: readonly string[], readings: readonly Reading[]): CameUp | null {
  const asked = new Set(containerIds);
  const seen = new Map<string, IsoDay>();
  for (const r of currentReadings(readings))
    if (showsPlants(r) && asked.has(r.containerId) && !seen.has(r.containerId)) seen.set(r.containerId, r.day);
  const days = [...seen.values()].sort();
  return days.length === 0 ? null : { up: days.length, of: containerIds.length, first: days[0]!, last: days[days.length - 1]! };
}

/** What was said of a day is judged by a look at most so many days away from it: before that it is still to come. */
const NEAR_ASKED_DAYS = 3;

export const isNearAsked = (lookedAt: number, asked: number): boolean => Math.abs(lookedAt - asked) <= NEAR_ASKED_DAYS;

/** The tallest height on the looked-at day nearest to a day number, with that day; null where no height is known. */
export function tallestAround(
  containers: readonly Sown[],
  readings: readonly Reading[],
  dayNumber: number,
): { dayNumber: number; mm: number } | null {
  const heights = currentReadings(readings).flatMap((r) => {
    const container = containers.find((c) => c.id === r.containerId);
    const mm = heightOf(r);
    return container && mm !== null ? [{ mm, dayNumber: daysBetween(container.sownOn, r.day) }] : [];
  });
  if (heights.length === 0) return null;
  const near = (n: number) => Math.abs(n - dayNumber);
  const nearest = heights.reduce((a, b) => (near(b.dayNumber) < near(a.dayNumber) ? b : a)).dayNumber;
  return { dayNumber: nearest, mm: Math.max(...heights.filter((h) => h.dayNumber === nearest).map((h) => h.mm)) };
}

/** Treatment whose plants stand tallest on average at their last measuring; null where no height is known. */
export function tallestTreatment(containers: readonly Sown[], readings: readonly Reading[]): string | null {
  const last = new Map<string, number>();
  for (const r of currentReadings(readings)) {
    const mm = heightOf(r);
    if (mm !== null) last.set(r.containerId, mm);
  }
  const means = [...new Set(containers.map((c) => c.treatment))].flatMap((treatment) => {
    const own = containers.filter((c) => c.treatment === treatment && last.has(c.id)).map((c) => last.get(c.id)!);
    return own.length === 0 ? [] : [{ treatment, mean: own.reduce((a, b) => a + b, 0) / own.length }];
  });
  return means.length === 0 ? null : means.reduce((a, b) => (b.mean > a.mean ? b : a)).treatment;
}
