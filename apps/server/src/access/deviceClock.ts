import { msNow } from '@bright-sprout/core/clock/clock';
import { dayInZone, type IsoDay } from '@bright-sprout/core/calendar/days';
import { CLOCK_HEADER } from '@bright-sprout/contracts/problems';
import { type Request } from 'express';
import { type Requester } from './requester';

/** A clock that is off by less is right enough: a request takes its time on the way. */
const RIGHT_ENOUGH_MS = 120_000;

/** By how much the clock runs ahead by which something was entered, in milliseconds; 0 where it is right, or was not told. */
export function clockAheadOf(request: Request): number {
  const ahead = Date.parse(request.header(CLOCK_HEADER) ?? '') - msNow();
  return Number.isNaN(ahead) || Math.abs(ahead) < RIGHT_ENOUGH_MS ? 0 : ahead;
}

interface Done {
  /** ISO 8601. */
  recordedAt: string;
  day: IsoDay;
  dayCode?: string;
}

const aheadMs = (asking: Requester) => (asking.kind === 'team' ? (asking.clockAheadMs ?? 0) : 0);

/** When something was done, by the right clock. */
export function rightMoment(asking: Requester, recordedAt: string): Date {
  return new Date(Date.parse(recordedAt) - aheadMs(asking));
}

/** The day on which something was done, by the right clock; a day that somebody chose stays. */
export function rightDay(asking: Requester, { recordedAt, day, dayCode }: Done, timeZone: string): IsoDay {
  const chosen = day !== dayInZone(new Date(recordedAt), timeZone) && dayCode !== 'wrong-clock';
  return chosen || aheadMs(asking) === 0 ? day : dayInZone(rightMoment(asking, recordedAt), timeZone);
}
