import { addDays } from '@bright-sprout/core/calendar/days';
import { eventWords } from '@bright-sprout/core/plan/calendar/eventWords';
import { type PlanCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { createEvents, type DateArray, type EventAttributes } from 'ics';

const PERIOD = /^\s*(\d{1,2})[:.](\d{2})\s*[–-]\s*(\d{1,2})[:.](\d{2})\s*$/;

/** The plan's days as iCalendar (RFC 5545): whole days, or the lesson's period where it is known. */
export function calendarText(plan: PlanDocument, days: PlanCalendar): string {
  const period = PERIOD.exec(plan.period)?.slice(1).map(Number);
  const events = days.events.map((e, i): EventAttributes => {
    const { title, note } = eventWords(e);
    const date = (day: string): [number, number, number] => day.split('-').map(Number) as [number, number, number];
    const at = (hour: number, minute: number): DateArray => [...date(e.day), hour, minute];
    const timed = period !== undefined && e.kind !== 'weekend' && e.kind !== 'prepare';
    return {
      uid: `${plan.drawSeed}-${i}-${e.day}@bright-sprout`,
      title: `${title}: ${plan.question}`,
      description: note,
      startInputType: 'local',
      startOutputType: 'local',
      start: timed ? at(period[0]!, period[1]!) : date(e.day),
      end: timed ? at(period[2]!, period[3]!) : date(addDays(e.day, 1)),
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
