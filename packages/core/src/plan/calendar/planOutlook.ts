import { type IsoDay } from '../../calendar/days';
import { type SchoolCalendar } from '../../calendar/schoolCalendar';
import { type Goal, type PlanDocument } from '../document/planDocument';
import { type WorkedOut } from '../workedOut/workOut';

/** What a sown plan lets expect of the days to come. */
export interface PlanOutlook {
  calendar: SchoolCalendar;
  /** From the first day on which anything may be up to the last by which nine tenths should be; null where nobody can say. */
  sprouting: { from: IsoDay; to: IsoDay } | null;
  /** A line on the wall that plants grow towards. */
  goal: Goal | null;
}

export function planOutlook({ calendar, goal }: PlanDocument, { sproutings }: WorkedOut): PlanOutlook {
  const windows = sproutings.flatMap(({ forecast }) => {
    if (!forecast.ok) return [];
    const from = forecast.first.earliest ?? forecast.first.likely;
    const to = forecast.ninety.latest ?? forecast.ninety.likely ?? forecast.half.latest;
    return from && to ? [{ from, to }] : [];
  });
  const from = windows.map((w) => w.from).sort()[0];
  const to = windows
    .map((w) => w.to)
    .sort()
    .pop();
  return { calendar, goal, sprouting: from && to ? { from, to } : null };
}
