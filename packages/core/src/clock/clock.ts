import { dayInZone, type IsoDay } from '../calendar/days';

/**
 * The one clock of the whole application. Server, web, demo and tests ask it and nothing else, so that any day can be lived
 * through: a Thursday, a night on which the clocks change, the 29th of February.
 */

let millisecondsAhead = 0;

/** Milliseconds since 1970 as this clock shows them. */
export function msNow(): number {
  return Date.now() + millisecondsAhead;
}

/** The present instant as this clock shows it. */
export function timeNow(): Date {
  return new Date(msNow());
}

/** How far this clock runs ahead of that of the machine, in milliseconds; negative where it runs behind, 0 where it was never set. */
export function clockAhead(): number {
  return millisecondsAhead;
}

/** Lets the clock run so many milliseconds ahead of that of the machine. */
export function runAhead(milliseconds: number): void {
  millisecondsAhead = milliseconds;
}

/**
 * Sets the clock: it shows `instant` now and runs on from there.
 * @throws RangeError where the instant is no moment in time
 */
export function setClock(instant: string | Date): void {
  const shown = new Date(instant).getTime();
  if (Number.isNaN(shown)) throw new RangeError(`“${String(instant)}” is not a moment in time.`);
  millisecondsAhead = shown - Date.now();
}

/** The calendar day that this clock shows in an IANA zone. */
export function todayIn(timeZone: string): IsoDay {
  return dayInZone(timeNow(), timeZone);
}
