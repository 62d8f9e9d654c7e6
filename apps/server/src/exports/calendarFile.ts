import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { addDays } from '@bright-sprout/core/calendar/days';
import { eventWords } from '@bright-sprout/core/plan/calendar/eventWords';
import { createEvents, type DateArray } from 'ics';

const date = (day: string): DateArray => day.split('-').map(Number) as [number, number, number];

/** The days of an investigation as iCalendar (RFC 5545), whole days; null where it has none. */
export function calendarFile(investigation: InvestigationView): string | null {
  if (investigation.schedule.length === 0) return null;
  const { value } = createEvents(
    investigation.schedule.map((e, i) => {
      const { title, note } = eventWords(e);
      return {
        uid: `${investigation.id}-${i}@bright-sprout`,
        title: `${title}: ${investigation.question}`,
        description: note,
        start: date(e.day),
        end: date(addDays(e.day, 1)),
        productId: 'bright-sprout',
      };
    }),
  );
  return value ?? null;
}
