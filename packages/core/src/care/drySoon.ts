import { addDays, daysBetween, type IsoDay } from '../calendar/days';
import { type PlanEvent } from '../plan/calendar/planEvents';
import { methodById } from '../seeds/catalogue';

export interface DrySoon {
  lastWatered: IsoDay;
  /** The next day on which somebody is there by the plan, after today. */
  nextSeen: IsoDay;
  /** Days the growing method lasts without care. */
  lasts: number;
}

interface Grown {
  methodId: string | null;
  sownOn: IsoDay;
  schedule: readonly PlanEvent[];
  care: readonly { kind: string; day: IsoDay; skipped: boolean }[];
}

const NO_CARE = new Set(['end', 'lesson']);

/** Pots that are likely dry before somebody looks again; null where they last, or where nothing is known. */
export function drySoon({ methodId, sownOn, schedule, care }: Grown, today: IsoDay): DrySoon | null {
  const method = methodId === null ? undefined : methodById(methodId);
  if (!method) return null;
  const watered = care
    .filter((c) => !c.skipped && ['water', 'before-leaving'].includes(c.kind) && c.day <= today)
    .map((c) => c.day);
  const lastWatered = [sownOn, ...watered].sort().pop()!;
  const seen = schedule
    .filter((e) => e.day > today && !NO_CARE.has(e.kind))
    .map((e) => e.day)
    .sort()[0];
  const nextSeen = seen ?? addDays(today, 1);
  const lasts = method.unattendedDays;
  const alone = daysBetween(lastWatered, nextSeen) - 1;
  return alone > lasts ? { lastWatered, nextSeen, lasts } : null;
}

/** What the plan has for a day and the days after it: the next so many days that have anything. */
export function comingDays(schedule: readonly PlanEvent[], from: IsoDay, days: number): { day: IsoDay; events: PlanEvent[] }[] {
  const dates = [...new Set(schedule.filter((e) => e.day >= from).map((e) => e.day))].sort().slice(0, days);
  return dates.map((day) => ({ day, events: schedule.filter((e) => e.day === day) }));
}
