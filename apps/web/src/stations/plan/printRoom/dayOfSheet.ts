import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { formatDay, numberedDay } from '@bright-sprout/core/calendar/days';
import { type LogRow } from '@bright-sprout/core/readings/logRows';

/** The rows of one day. */
export interface DayOfSheet {
  records: InvestigationRecords;
  day: string;
  rows: readonly LogRow[];
  heading: string;
}

/** Where sowings are staggered, a day has another number for each. */
export function headingOf(day: string, rows: readonly LogRow[]): string {
  const sown = new Set(rows.map((r) => r.sownOn));
  return sown.size === 1 ? `${formatDay(day)} · ${numberedDay(rows[0]!.sownOn, day)}` : formatDay(day);
}
