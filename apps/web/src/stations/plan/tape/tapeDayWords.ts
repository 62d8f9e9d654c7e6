import { say } from '@bright-sprout/words/say';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { type TapeDay } from '@bright-sprout/core/plan/calendar/planTape';

/** What a day says, to those who hear it. */
export function tapeDayWords({ day, number, off, holiday, check, dry }: TapeDay, pegs: readonly string[]): string {
  const what = [
    ...pegs,
    ...(check ? [say('planDays.aCheck')] : []),
    ...(off ? [holiday ?? say('planDays.noSchool')] : []),
    ...(dry ? [say('planDays.likelyDry')] : []),
  ];
  return say('planDays.dayAndNumber', { day: formatDay(day), number, note: what.length > 0 ? `: ${what.join(', ')}` : '' });
}
