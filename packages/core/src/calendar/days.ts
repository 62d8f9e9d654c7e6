import { say } from '@bright-sprout/words/say';
import { wordsNow } from '@bright-sprout/words/words';
/**
 * Calendar days. A day is an ISO date (`2026-03-19`) in the class's own time zone; instants are UTC. Days since sowing are
 * calendar days, so neither the hour of the lesson nor a change of the clocks moves them.
 */

export type IsoDay = string;

const DAY_MS = 86_400_000;
/** From Sunday, as `weekday` counts. */
export const weekdayNames = () => [
  say('calendar.sun'),
  say('calendar.mon'),
  say('calendar.tue'),
  say('calendar.wed'),
  say('calendar.thu'),
  say('calendar.fri'),
  say('calendar.sat'),
];
const months = () => [
  say('calendar.january'),
  say('calendar.february'),
  say('calendar.march'),
  say('calendar.april'),
  say('calendar.may'),
  say('calendar.june'),
  say('calendar.july'),
  say('calendar.august'),
  say('calendar.september'),
  say('calendar.october'),
  say('calendar.november'),
  say('calendar.december'),
];

const noon = (day: IsoDay) => Date.parse(`${day}T12:00:00Z`);

/** True for a real day written year-month-day (so not for 2026-02-30). */
export function isIsoDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(noon(text)) && new Date(noon(text)).toISOString().startsWith(text);
}

/** Making a formatter is a hundred times dearer than using it. */
const formatters = new Map<string, Intl.DateTimeFormat>();

/** The calendar day of an instant in an IANA zone. */
export function dayInZone(instant: Date, timeZone: string): IsoDay {
  let formatter = formatters.get(timeZone);
  if (!formatter) {
    formatter = new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' });
    formatters.set(timeZone, formatter);
  }
  return formatter.format(instant);
}

const clocks = new Map<string, Intl.DateTimeFormat>();

/** What the clock on the wall shows at an instant in an IANA zone, `08:45`. */
export function clockInZone(instant: Date, timeZone: string): string {
  let clock = clocks.get(timeZone);
  if (!clock) {
    clock = new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', minute: '2-digit' });
    clocks.set(timeZone, clock);
  }
  return clock.format(instant);
}

/**
 * The instant at which the clock on the wall of a zone shows a time; of an hour that a change of the clocks leaves out, the instant
 * just after it, and of one that comes twice the first.
 * @param clock `08:45` or `08:45:30`
 */
export function instantInZone(day: IsoDay, clock: string, timeZone: string): Date {
  const wall = Date.parse(`${day}T${clock.length === 5 ? `${clock}:00` : clock}Z`);
  const shown = (instant: number) => {
    const at = new Date(instant);
    return Date.parse(`${dayInZone(at, timeZone)}T${clockInZone(at, timeZone)}:00Z`) - Math.floor(instant / 60_000) * 60_000;
  };
  // The zone's distance from UTC before and after a change: the greater one gives the earlier instant.
  const distances = [shown(wall - DAY_MS / 2), shown(wall + DAY_MS / 2)].sort((a, b) => b - a);
  const found = distances.map((d) => wall - d).find((instant) => instant + shown(instant) === wall);
  return new Date(found ?? wall - distances[1]!);
}

/** True when the runtime knows the IANA zone. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

export function addDays(day: IsoDay, days: number): IsoDay {
  return new Date(noon(day) + days * DAY_MS).toISOString().slice(0, 10);
}

/** Whole calendar days from one day to another; sowing day to itself is 0. */
export function daysBetween(from: IsoDay, to: IsoDay): number {
  return Math.round((noon(to) - noon(from)) / DAY_MS);
}

/** 0 for Sunday to 6 for Saturday. */
export function weekday(day: IsoDay): number {
  return new Date(noon(day)).getUTCDay();
}

/** Monday to Friday; holidays are part of the class's calendar, not of this rule. */
export function isWeekend(day: IsoDay): boolean {
  return isDated(day) && (weekday(day) === 0 || weekday(day) === 6);
}

/** `Thu 19 March`, in America `Thu March 19`; `day 7` for one of records without dates. */
export function formatDay(day: IsoDay, form: 'long' | 'short' = 'long'): string {
  return isDated(day) ? `${weekdayNames()[weekday(day)]} ${formatDate(day, form)}` : undatedWords(day);
}

/** `19 March`, in America `March 19`, of a day with a date. */
export function formatDate(day: IsoDay, form: 'long' | 'short' = 'long'): string {
  const month = months()[Number(day.slice(5, 7)) - 1]!;
  const [number, name] = [Number(day.slice(8)), form === 'long' ? month : month.slice(0, 3)];
  return monthComesFirst() ? `${name} ${number}` : `${number} ${name}`;
}

const orders = new Map<string, boolean>();

/** Whether the language that is spoken names the month before the day: `March 19`. */
function monthComesFirst(): boolean {
  const { locale } = wordsNow();
  const known = orders.get(locale);
  if (known !== undefined) return known;
  const parts = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' }).formatToParts(0);
  const first = parts.find((p) => p.type === 'day' || p.type === 'month')!.type === 'month';
  orders.set(locale, first);
  return first;
}

/** `Thu`, for speaking of a day of the last week. */
export function weekdayName(day: IsoDay): string {
  return weekdayNames()[weekday(day)]!;
}

/** `Thu 19 March 2026`, as a field shows a day that is typed. */
export function writeDay(day: IsoDay): string {
  return isDated(day) ? `${formatDay(day)}${monthComesFirst() ? ',' : ''} ${day.slice(0, 4)}` : formatDay(day);
}

const DAY_FIRST =
  /^(?:[a-z]{3,9}\.?,?\s+)?(?<day>\d{1,2})(?:st|nd|rd|th)?\.?\s+(?<month>[a-z]{3,9})\.?,?(?:\s+(?<year>\d{4}))?$/i;
const MONTH_FIRST = /^(?:[a-z]{3,9}\.?,?\s+)?(?<month>[a-z]{3,9})\.?\s+(?<day>\d{1,2})(?:st|nd|rd|th)?,?(?:\s+(?<year>\d{4}))?$/i;

/**
 * Reads a day as somebody types it: `2026-03-19`, `19 March 2026`, `Thu 19 Mar`, `March 19, 2026`. Without a year it is the nearest such day.
 * Figures alone (`3/4`) say different days in different countries and are not taken.
 *
 * @returns null where it is no day
 */
export function parseDay(text: string, today: IsoDay): IsoDay | null {
  const typed = text.trim();
  if (isIsoDay(typed)) return typed;
  const { day, month, year } = (DAY_FIRST.exec(typed) ?? MONTH_FIRST.exec(typed))?.groups ?? {};
  const at = months().findIndex((m) => month && m.toLowerCase().startsWith(month.toLowerCase()));
  if (at < 0) return null;
  const on = (y: number) => `${y}-${String(at + 1).padStart(2, '0')}-${day!.padStart(2, '0')}`;
  const now = Number(today.slice(0, 4));
  const days = (year ? [Number(year)] : [now - 1, now, now + 1]).map(on).filter(isIsoDay);
  const away = (d: IsoDay) => Math.abs(daysBetween(today, d));
  return days.sort((a, b) => away(a) - away(b))[0] ?? null;
}

/**
 * Records that came without dates count their days from a day that nobody lived: `day 7` is all that is known of them, and all that
 * is said. The other one is for a single look of which not even the day is known.
 */
export const UNDATED_SOWING: IsoDay = '1000-01-01';
export const ONE_LOOK_SOWING: IsoDay = '1001-01-01';

/** False for the days of records without dates. */
export function isDated(day: IsoDay): boolean {
  return day >= '1100';
}

/** `day 9`, counted from a sowing; `the end` of records that have one look. */
export function numberedDay(sownOn: IsoDay, day: IsoDay): string {
  return isDated(day) ? say('common.dayAfterSowing', { daysBetween: daysBetween(sownOn, day) }) : undatedWords(day);
}

/** `day 9 · Thu 19 March`, and the number alone of records without dates. */
export function dayAndDate(sownOn: IsoDay, day: IsoDay, between = ' · '): string {
  return isDated(day) ? `${numberedDay(sownOn, day)}${between}${formatDay(day)}` : undatedWords(day);
}

/** `day 7`, or `the end` of records that have one look. */
export function undatedWords(day: IsoDay): string {
  return day < ONE_LOOK_SOWING
    ? say('common.dayAfterSowing', { daysBetween: daysBetween(UNDATED_SOWING, day) })
    : day === ONE_LOOK_SOWING
      ? say('calendar.theStart')
      : say('calendar.theEnd');
}
