import { daysBetween, type IsoDay } from '../calendar/days';
import { type CheckInterval, grouped, intervalsFromCounts, turnbull } from '../germination/turnbull';
import { type Measure } from '../measures/measure';
import { sumUp } from '../measures/sumUp';
import { SEED_COUNTS } from '../measures/builtIn/counts';
import { valueOf } from '../measures/finding';
import { hasEnded, showsPlants } from '../readings/reading';
import { type Look } from '../readings/looks';
import { type Question } from './question';
import { type ComparedContainer } from './records';
import { foundIn, type Value } from './values';

/** When what was waited for happened in a container: one interval for each seed, or one for the container; days since it was sown. */
export interface Waiting {
  intervals: CheckInterval[];
  /** Why it cannot say: lost before it happened, or nobody ever looked. */
  none: Value['state'] | null;
  /** Seeds are counted one by one. */
  seeds: boolean;
}

/** True where somebody counted sprouted seeds in these looks. */
export const countsSprouts = (looks: readonly Look[]): boolean =>
  looks.some((l) => l.readings.some((r) => SEED_COUNTS.some((m) => valueOf(r, m) !== null)));

/** Whether somebody saw a plant in a look. */
export const showsAny = (look: Look): boolean => look.state === 'measured' && look.readings.some(showsPlants);

/** Seeds up on each day on which they were counted; a container that is not up has none. */
export function sproutCounts(container: ComparedContainer, looks: readonly Look[]): { day: number; up: number }[] {
  return looks.flatMap((look) => {
    const counts = look.readings.flatMap((r) => SEED_COUNTS.flatMap((m) => valueOf(r, m) ?? []));
    const up =
      counts.length > 0
        ? counts.reduce((a, b) => a + b, 0)
        : look.state === 'not-up' || (look.state === 'measured' && !showsAny(look))
          ? 0
          : null;
    return up === null ? [] : [{ day: daysBetween(container.sownOn, look.day), up: Math.min(up, container.seedsSown) }];
  });
}

/** When its seeds came up. Where they are counted, each seed has its interval; otherwise the first sign of the container counts. */
export function waitingToSprout(container: ComparedContainer, looks: readonly Look[]): Waiting {
  if (!countsSprouts(looks)) return firstTime(container, looks, showsAny);
  const counted = sproutCounts(container, looks).filter((l) => l.day > 0);
  if (counted.length === 0 || container.seedsSown < 1) return { intervals: [], none: 'not-checked', seeds: true };
  return { intervals: intervalsFromCounts(container.seedsSown, counted), none: null, seeds: true };
}

/** When a container first reached a stage or a value. */
export function waitingToReach(
  measure: Measure,
  reach: string,
  container: ComparedContainer,
  looks: readonly Look[],
  report: Question['report'],
): Waiting {
  const rank = measure.choices.findIndex((c) => c.code === reach) + 1;
  const goal = measure.summedUp === 'order' ? rank : Number(reach);
  return firstTime(container, looks, (look) => {
    const value = sumUp(measure, foundIn(look, measure), container.seedsSown, report);
    return value !== null && value >= goal;
  });
}

/** The interval from the last look at which it had not happened to the first at which it had; a loss before it ends the record. */
function firstTime(container: ComparedContainer, looks: readonly Look[], happened: (look: Look) => boolean): Waiting {
  let lower = 0;
  let looked = false;
  for (const look of looks) {
    const day = daysBetween(container.sownOn, look.day);
    if (happened(look) && day > 0) return { intervals: [{ lower: Math.min(lower, day), upper: day }], none: null, seeds: false };
    if (hasEnded(look.state)) return { intervals: [], none: look.state, seeds: false };
    if (look.state === 'not-checked') continue;
    looked = true;
    lower = Math.max(0, day);
  }
  if (!looked) return { intervals: [], none: 'not-checked', seeds: false };
  return { intervals: [{ lower, upper: null }], none: null, seeds: false };
}

/**
 * A number of days for each container, so that containers can be compared: the mean over its seeds of the day on which each
 * came up. A day is only known to lie between two looks; it is taken where the curve of all containers together (Turnbull 1976) puts it on average. A seed
 * that was never seen up has waited to the last look of the class, and may wait longer. `span` has the ends of what the looks allow.
 */
export function meanWaits(waiting: ReadonlyMap<string, Waiting>, last: number): Map<string, Value> {
  const all = [...waiting.values()].flatMap((w) => w.intervals);
  const middle = middles(all, last);
  return new Map(
    [...waiting].map(([id, { intervals, none }]): [string, Value] => {
      if (intervals.length === 0)
        return [id, { state: none ?? 'not-checked', value: null, plants: 0, span: null, between: false }];
      const mean = (pick: (i: CheckInterval) => number) => intervals.reduce((sum, i) => sum + pick(i), 0) / intervals.length;
      const up = intervals.filter((i) => i.upper !== null).length;
      return [
        id,
        {
          state: up > 0 ? 'measured' : 'not-up',
          value: mean(middle),
          plants: up,
          span: { low: mean((i) => (i.upper === null ? last : i.lower)), high: mean((i) => i.upper ?? last) },
          between: false,
        },
      ];
    }),
  );
}

/** Where in its interval a day lies on average, by the curve of all together. */
function middles(intervals: readonly CheckInterval[], last: number): (interval: CheckInterval) => number {
  const curve = intervals.length > 0 ? turnbull(intervals) : null;
  const support = curve?.ok ? curve.support.filter((s) => s.right !== null) : [];
  const known = new Map<string, number>();
  for (const { interval } of grouped(intervals)) {
    const { lower, upper } = interval;
    if (upper === null) continue;
    const own = support.filter((s) => s.left >= lower && s.right! <= upper);
    const mass = own.reduce((sum, s) => sum + s.mass, 0);
    const centre = own.reduce((sum, s) => sum + (s.mass * (s.left + s.right!)) / 2, 0);
    known.set(`${lower} ${upper}`, mass > 0 ? centre / mass : (lower + upper) / 2);
  }
  return ({ lower, upper }) => (upper === null ? last : known.get(`${lower} ${upper}`)!);
}

/** The last look of the class, in days since each container's own sowing: how long all have been waited for. */
export function longestWait(containers: readonly ComparedContainer[], days: readonly IsoDay[]): number {
  const last = days[days.length - 1];
  if (last === undefined) return 0;
  return Math.max(1, ...containers.map((c) => daysBetween(c.sownOn, last)));
}
