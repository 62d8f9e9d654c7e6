import { addDays } from '@bright-sprout/core/calendar/days';
import { parsePeriod, type TimeOfDay } from '@bright-sprout/core/calendar/period';
import { eventWords } from '@bright-sprout/core/plan/calendar/eventWords';
import { type PlanCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { createEvents, type DateArray, type EventAttributes } from 'ics';

/** The plan's days as iCalendar (RFC 5545): whole days, or the lesson's period where it is known. */
export function calendarText(plan: PlanDocument, days: PlanCalendar): string {
  const period = parsePeriod(plan.period);
  const events = days.events.map((e, i): EventAttributes => {
    const { title, note } = eventWords(e);
    const date = (day: string): [number, number, number] => day.split('-').map(Number) as [number, number, number];
    const at = ({ hour, minute }: TimeOfDay): DateArray => [...date(e.day), hour, minute];
    const timed = period !== null && e.kind !== 'weekend' && e.kind !== 'prepare';
    return {
      uid: `${plan.drawSeed}-${i}-${e.day}@bright-sprout`,
      title: `${title}: ${plan.question}`,
      description: note,
      startInputType: 'local',
      startOutputType: 'local',
      start: timed ? at(period.begins) : date(e.day),
      end: timed ? at(period.ends) : date(addDays(e.day, 1)),
      productId: 'bright-sprout',
    };
  });
  const { value, error } = createEvents(events);
  if (!value) throw error ?? new Error('The calendar is empty.');
  return value;
}

/** Offers the calendar as a file. */
export function saveCalendar(plan: PlanDocument, days: PlanCalendar): void {
  const url = URL.createObjectURL(new Blob([calendarText(plan, days)], { type: 'text/calendar;charset=utf-8' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = 'plant-days.ics';
  link.click();
  URL.revokeObjectURL(url);
}
