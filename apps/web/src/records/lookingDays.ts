import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';

/** Days on which it is looked at: those of the plan, and those on which somebody did. */
export function lookingDays({ investigation, readings }: InvestigationRecords): IsoDay[] {
  const planned = investigation.schedule.filter((e) => e.kind === 'check').map((e) => e.day);
  return [...new Set([...planned, ...readings.map((r) => r.day)])].sort();
}
