import { addDays, daysBetween, type IsoDay } from '../../calendar/days';
import { type EventFact, type PlanEventKind } from './planEvents';

/** Something that is to be done, with the days on which it may be. */
export interface Wanted {
  id: string;
  kind: PlanEventKind;
  fact: EventFact;
  /** The day on which it would best be, and the first and the last on which it may be. */
  best: IsoDay;
  from: IsoDay;
  to: IsoDay;
  /** It comes so many days after another: at least, at best, at most; its own days hold besides. */
  after?: { id: string; least: number; best: number; most: number };
  /** Somebody who comes in while there is no school can do it too. */
  byComers?: boolean;
  /** What the plants decide waits for the next day; what people decide is brought forward. */
  waits: boolean;
  /** What it is bound to, as the end of a sentence: `before the seeds go in`. */
  bound: string;
}

export interface Placed {
  wanted: Wanted;
  day: IsoDay;
  /** The day lies within what may be, and somebody is there. */
  fits: boolean;
}

/** On which days what can be done. */
export type Open = (day: IsoDay, wanted: Wanted) => boolean;

/** A search for somebody who is there ends here. */
const LONGEST_SEARCH = 120;

/**
 * Puts everything on a day within its window on which somebody is there, as near to its best day as can be; what comes after
 * something else is looked for together with it. Where no day fits, the nearest day with somebody there is taken and `fits` is false.
 *
 * @param all what comes after another stands behind it
 */
export function place(all: readonly Wanted[], open: Open): Placed[] {
  const placed = new Map<string, Placed>();
  for (const root of all) {
    if (root.after) continue;
    const chain = chainFrom(root, all);
    const found = search(chain, 0, new Map(), open) ?? forced(chain, open);
    for (const wanted of chain) placed.set(wanted.id, found.get(wanted.id)!);
  }
  return all.map((w) => placed.get(w.id)!);
}

/** Something with all that comes after it, one behind the other. */
function chainFrom(root: Wanted, all: readonly Wanted[]): Wanted[] {
  const chain = [root];
  for (const wanted of all) if (wanted.after && chain.some((c) => c.id === wanted.after!.id)) chain.push(wanted);
  return chain;
}

type Days = ReadonlyMap<string, Placed>;

/** Tries the days of one after the other and comes back where a later one finds none; null where nothing fits all. */
function search(chain: readonly Wanted[], at: number, days: Days, open: Open): Days | null {
  const wanted = chain[at];
  if (!wanted) return days;
  for (const day of daysFor(wanted, days, open)) {
    const found = search(chain, at + 1, new Map(days).set(wanted.id, { wanted, day, fits: true }), open);
    if (found) return found;
  }
  return null;
}

/** Everything on its nearest day, whether it fits or not. */
function forced(chain: readonly Wanted[], open: Open): Days {
  const days = new Map<string, Placed>();
  for (const wanted of chain) {
    const [fitting] = daysFor(wanted, days, open);
    days.set(wanted.id, { wanted, day: fitting ?? nearest(wanted, days, open), fits: fitting !== undefined });
  }
  return days;
}

interface Span {
  best: IsoDay;
  from: IsoDay;
  to: IsoDay;
}

function spanOf({ best, from, to, after }: Wanted, days: Days): Span {
  const before = after && days.get(after.id)?.day;
  if (!after || !before) return { best, from, to };
  const [least, most] = [addDays(before, after.least), addDays(before, after.most)];
  return { best: addDays(before, after.best), from: least > from ? least : from, to: most < to ? most : to };
}

/** Days that fit, the best first. */
function daysFor(wanted: Wanted, days: Days, open: Open): IsoDay[] {
  const { best, from, to } = spanOf(wanted, days);
  const length = daysBetween(from, to) + 1;
  return Array.from({ length: Math.max(0, length) }, (_, i) => addDays(from, i))
    .filter((day) => open(day, wanted))
    .sort((a, b) => away(a, best, wanted.waits) - away(b, best, wanted.waits));
}

/** How far a day is from the best one; those on the side to which it is moved come before all others. */
function away(day: IsoDay, best: IsoDay, waits: boolean): number {
  const days = daysBetween(best, day) * (waits ? 1 : -1);
  return days >= 0 ? days : 1000 - days;
}

function nearest(wanted: Wanted, days: Days, open: Open): IsoDay {
  const { best, from, to } = spanOf(wanted, days);
  const wish = best < from ? from : best > to && from <= to ? to : best;
  for (let n = 0; n < LONGEST_SEARCH; n++)
    for (const day of wanted.waits ? [addDays(wish, n), addDays(wish, -n)] : [addDays(wish, -n), addDays(wish, n)])
      if (day >= from && open(day, wanted)) return day;
  return wish;
}
