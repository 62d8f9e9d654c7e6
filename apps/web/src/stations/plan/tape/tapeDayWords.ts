import { formatDay } from '@bright-sprout/core/calendar/days';
import { type TapeDay } from '@bright-sprout/core/plan/calendar/planTape';

/** What a day says, to those who hear it. */
export function tapeDayWords({ day, number, off, holiday, check, dry }: TapeDay, pegs: readonly string[]): string {
  const what = [...pegs, ...(check ? ['a check'] : []), ...(off ? [holiday ?? 'no school'] : []), ...(dry ? ['likely dry'] : [])];
  return `${formatDay(day)}, day ${number}${what.length > 0 ? `: ${what.join(', ')}` : ''}`;
}
