import { spoken } from '@bright-sprout/words/spoken';
import { daysBetween, type IsoDay, isIsoDay } from '../../calendar/days';

export const DATE_ORDERS = ['year-month-day', 'day-month-year', 'month-day-year'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

export const ORDER_WORDS: Record<DateOrder, string> = spoken({
  'year-month-day': 'tablesIn.yearMonthDay',
  'day-month-year': 'tablesIn.dayMonthYear',
  'month-day-year': 'tablesIn.monthDayYear',
});

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
/** `Mon`, `Monday,` before a date. */
const WEEKDAY = /^(mon|tue|wed|thu|fri|sat|sun)[a-z]*\.?,?\s+/i;
/** A time of day behind it. */
const CLOCK = /[T\s,]+\d{1,2}:\d{2}(:\d{2}(\.\d+)?)?\s*(am|pm|z)?$/i;

/** The parts of a date as they stand: figures in the order of the text, with the month where it is a word. */
interface DateParts {
  figures: string[];
  month: number | null;
}

function partsOf(text: string): DateParts | null {
  const plain = text.trim().replace(WEEKDAY, '').replace(CLOCK, '').trim();
  const figures = /^(\d{1,4})[-/.](\d{1,2})(?:[-/.](\d{1,4}))?\.?$/.exec(plain);
  if (figures) return { figures: figures.slice(1).filter((f) => f !== undefined), month: null };
  const named =
    /^(\d{1,2})(?:st|nd|rd|th)?\.?[\s-]+([a-z]{3,9})\.?,?(?:[\s-]+(\d{2}|\d{4}))?$/i.exec(plain) ??
    swapped(/^([a-z]{3,9})\.?[\s-]+(\d{1,2})(?:st|nd|rd|th)?,?(?:[\s-]+(\d{2}|\d{4}))?$/i.exec(plain));
  const month = named ? MONTHS.indexOf(named[2]!.slice(0, 3).toLowerCase()) : -1;
  return month < 0 ? null : { figures: [named![1]!, ...(named![3] ? [named![3]] : [])], month: month + 1 };
}

function swapped(found: RegExpExecArray | null): string[] | null {
  return found && [found[0], found[2]!, found[1]!, found[3] as string];
}

const whole = (year: string) => (year.length === 2 ? `20${year}` : year);
const two = (n: string | number) => String(n).padStart(2, '0');

/** Looks like a date, whatever the order. */
export function isDateLike(text: string): boolean {
  const parts = partsOf(text);
  if (!parts) return false;
  return parts.month !== null || parts.figures.length === 3;
}

/**
 * Reads a date in the given order; a four-digit year in front always means year, month, day, and a month in words its own order.
 * @param year taken where the date says none
 * @returns null where it is none
 */
export function readDate(text: string, order: DateOrder, year: number | null = null): IsoDay | null {
  const parts = partsOf(text);
  if (!parts) return null;
  const { figures, month } = parts;
  if (month !== null) {
    const said = figures[1] ?? (year === null ? undefined : String(year));
    return said === undefined ? null : checked(`${whole(said)}-${two(month)}-${two(figures[0]!)}`);
  }
  if (figures.length === 2) {
    if (year === null) return null;
    const [m, d] = order === 'day-month-year' ? [figures[1]!, figures[0]!] : [figures[0]!, figures[1]!];
    return checked(`${year}-${two(m)}-${two(d)}`);
  }
  const [y, m, d] = {
    'year-month-day': [0, 1, 2],
    'day-month-year': [2, 1, 0],
    'month-day-year': [2, 0, 1],
  }[figures[0]!.length === 4 ? 'year-month-day' : order].map((i) => figures[i]!);
  return checked(`${whole(y!)}-${two(m!)}-${two(d!)}`);
}

const checked = (iso: string) => (isIsoDay(iso) ? iso : null);

/** In which order dates are written: the one by which most are dates, and of two the one by which they lie closest together. */
export function guessDateOrder(dates: readonly string[]): DateOrder {
  const slashes = dates.some((d) => d.includes('/'));
  const orders: DateOrder[] = slashes
    ? ['month-day-year', 'day-month-year', 'year-month-day']
    : ['day-month-year', 'month-day-year', 'year-month-day'];
  const some = dates.slice(0, 2000);
  const tried = orders.map((order) => {
    const days = some.flatMap((d) => readDate(d, order, 2000) ?? []).sort();
    return {
      order,
      wrong: some.length - days.length,
      span: days.length === 0 ? 0 : daysBetween(days[0]!, days[days.length - 1]!),
    };
  });
  return tried.reduce((best, t) => (t.wrong < best.wrong || (t.wrong === best.wrong && t.span < best.span) ? t : best)).order;
}
