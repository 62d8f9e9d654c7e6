import { say } from '@bright-sprout/words/say';
import { addDays, daysBetween, formatDay, type IsoDay, weekday } from './days';
import { parsePeriod } from './period';
import { type Result } from '../result/result';

export interface Holiday {
  from: IsoDay;
  to: IsoDay;
  name: string;
}

/** When somebody is at school. */
export interface SchoolCalendar {
  /** Sunday to Saturday: true where school is held. */
  weekdays: readonly boolean[];
  holidays: readonly Holiday[];
  /** School ends at noon. */
  halfDays?: readonly IsoDay[];
}

export const MONDAY_TO_FRIDAY: readonly boolean[] = [false, true, true, true, true, true, false];

/** A search ends here: no school year has so long a gap. */
const LONGEST_SEARCH = 400;
const NOON = 12;

export function isSchoolDay(calendar: SchoolCalendar, day: IsoDay): boolean {
  return calendar.weekdays[weekday(day)] === true && holidayOn(calendar, day) === undefined;
}

export function holidayOn({ holidays }: SchoolCalendar, day: IsoDay): Holiday | undefined {
  return holidays.find((h) => day >= h.from && day <= h.to);
}

/**
 * The days on which a lesson in a period is held: a half day has no afternoon. Somebody is in the building all the same, so
 * gaps in care are counted with the calendar itself.
 *
 * @param period as `13:15–14:00`; without an hour every school day counts
 */
export function lessonCalendar(calendar: SchoolCalendar, period: string): SchoolCalendar {
  if ((parsePeriod(period)?.begins.hour ?? 0) < NOON) return calendar;
  const off = (calendar.halfDays ?? []).map((day) => ({ from: day, to: day, name: say('calendar.halfDay') }));
  return { ...calendar, holidays: [...calendar.holidays, ...off] };
}

/** The calendar with days off; those that touch or overlap days off without a name of their own become one with them. */
export function withDaysOff<C extends SchoolCalendar>(calendar: C, from: IsoDay, to: IsoDay): C {
  const touches = (h: Holiday) => h.name.trim() === '' && h.from <= addDays(to, 1) && h.to >= addDays(from, -1);
  const joined = calendar.holidays.filter(touches);
  const all = [...joined, { from, to }];
  const off = {
    from: all.map((h) => h.from).sort()[0]!,
    to: all.map((h) => h.to).sort()[all.length - 1]!,
    name: '',
  };
  const holidays = [...calendar.holidays.filter((h) => !touches(h)), off].sort((a, b) => (a.from < b.from ? -1 : 1));
  return { ...calendar, holidays };
}

/** The calendar with school on a day: days off around it stay. */
export function withSchoolOn<C extends SchoolCalendar>(calendar: C, day: IsoDay): C {
  const holidays = calendar.holidays.flatMap((h) => {
    if (day < h.from || day > h.to) return [h];
    const parts = [
      { ...h, to: addDays(day, -1) },
      { ...h, from: addDays(day, 1) },
    ];
    return parts.filter((part) => part.from <= part.to);
  });
  return { ...calendar, holidays };
}

/** What is wrong with a calendar, in words; empty when it can be used. */
export function calendarProblems({ weekdays, holidays }: SchoolCalendar): string[] {
  const problems: string[] = [];
  if (!weekdays.some(Boolean)) problems.push(say('calendar.weekdaySchoolDay'));
  for (const h of holidays)
    if (h.to < h.from)
      problems.push(
        say('calendar.endsBeforeBegins', {
          name: h.name || say('calendar.aHoliday'),
          to: formatDay(h.to),
          from: formatDay(h.from),
        }),
      );
  return problems;
}

/** School days from one day to another, both included. */
export function schoolDays(calendar: SchoolCalendar, from: IsoDay, to: IsoDay): IsoDay[] {
  return daysFrom(from, to).filter((day) => isSchoolDay(calendar, day));
}

function daysFrom(from: IsoDay, to: IsoDay): IsoDay[] {
  return Array.from({ length: Math.max(0, daysBetween(from, to) + 1) }, (_, i) => addDays(from, i));
}

/** The first school day on or after (step 1) or on or before (step −1) a day; null where there is none within a year. */
export function schoolDayFrom(calendar: SchoolCalendar, day: IsoDay, step: 1 | -1 = 1): IsoDay | null {
  for (let i = 0; i < LONGEST_SEARCH; i++) {
    const tried = addDays(day, step * i);
    if (isSchoolDay(calendar, tried)) return tried;
  }
  return null;
}

/** The school day nearest to a day; of two as near, the earlier. */
export function nearestSchoolDay(calendar: SchoolCalendar, day: IsoDay): IsoDay | null {
  const [before, after] = [schoolDayFrom(calendar, day, -1), schoolDayFrom(calendar, day, 1)];
  if (before === null || after === null) return before ?? after;
  return daysBetween(before, day) <= daysBetween(day, after) ? before : after;
}

/** Days in a row on which nobody is there. */
export interface Gap {
  from: IsoDay;
  to: IsoDay;
  days: number;
  /** Name of the holiday it falls in, or null for a weekend. */
  holiday: string | null;
}

/** Runs of days without school between two days. */
export function gaps(calendar: SchoolCalendar, from: IsoDay, to: IsoDay): Gap[] {
  const found: Gap[] = [];
  for (const day of daysFrom(from, to)) {
    if (isSchoolDay(calendar, day)) continue;
    const last = found[found.length - 1];
    const holiday = holidayOn(calendar, day)?.name ?? null;
    if (last && addDays(last.to, 1) === day) {
      last.to = day;
      last.days++;
      last.holiday ??= holiday;
    } else found.push({ from: day, to: day, days: 1, holiday });
  }
  return found;
}

/** How often teams look. `every` counts calendar days and waits for the next school day. */
export type Cadence =
  { kind: 'school-days' } | { kind: 'weekdays'; weekdays: readonly number[] } | { kind: 'every'; days: number };

/** The days on which every container gets an answer: after sowing, up to the end, school days only. */
export function checkDays(calendar: SchoolCalendar, sownOn: IsoDay, end: IsoDay, cadence: Cadence): Result<{ days: IsoDay[] }> {
  const [problem] = calendarProblems(calendar);
  if (problem) return { ok: false, reason: problem };
  if (end <= sownOn) return { ok: false, reason: say('calendar.endComeAfterSowing') };
  if (cadence.kind === 'every' && !(cadence.days >= 1)) return { ok: false, reason: say('calendar.lookingEveryDayOften') };
  const all = schoolDays(calendar, addDays(sownOn, 1), end);
  if (cadence.kind === 'school-days') return { ok: true, days: all };
  if (cadence.kind === 'weekdays') return { ok: true, days: all.filter((d) => cadence.weekdays.includes(weekday(d))) };
  const days: IsoDay[] = [];
  for (let due = addDays(sownOn, cadence.days); due <= end; due = addDays(due, cadence.days)) {
    const day = all.find((d) => d >= due);
    if (day && day !== days[days.length - 1]) days.push(day);
  }
  return { ok: true, days };
}
