import { addDays, formatDay, type IsoDay } from '../../../calendar/days';
import { isSchoolDay, type SchoolCalendar } from '../../../calendar/schoolCalendar';
import { type PlanDocument } from '../../document/planDocument';
import { type Recipe } from '../../recipes/recipe';
import { calledBy } from '../called';
import { type CalendarConflict } from '../calendarConflict';
import { eventWords } from '../eventWords';
import { type PlanEvent } from '../planEvents';
import { soakTime } from '../soakTime';

const LOOK_AHEAD_DAYS = 28;

/** Seeds go into water so many hours before they are sown, at school or at home; never longer because of days without school. */
export function soaking(
  plan: PlanDocument,
  recipes: readonly Recipe[],
  since: IsoDay | null,
): { events: PlanEvent[]; conflicts: CalendarConflict[] } {
  const events: PlanEvent[] = [];
  const conflicts: CalendarConflict[] = [];
  const chosen = plan.factors.some((f) => f.subject === 'soaking');
  const soaked = calledBy(recipes, (r) =>
    r.soakHours ? { hours: r.soakHours, sowOn: r.sowOn, of: r.species.name.toLowerCase() } : null,
  );
  for (const { hours, sowOn, of } of soaked.map((s) => s.value)) {
    const school = (d: number) => isSchoolDay(plan.calendar, addDays(sowOn, -d));
    const time = soakTime(hours, plan.period, school, school) ?? soakTime(hours, plan.period, school, () => true);
    const day = addDays(sowOn, -(time?.daysBefore ?? 1));
    const event = {
      day,
      kind: 'prepare' as const,
      code: 'soak' as const,
      species: of,
      chosen,
      leastHours: hours[0],
      mostHours: hours[1],
      ...(time ? { hour: time.hour, home: time.where === 'home' } : {}),
    };
    events.push(event);
    const { title } = eventWords(event);
    if (!time)
      conflicts.push({
        day: sowOn,
        what: `${title}: ${hours[0]} to ${hours[1]} hours before ${plan.period || 'sowing'} on ${formatDay(sowOn)} is at night.`,
        wayOut: chosen
          ? 'Sow in a later lesson, or choose other hours.'
          : 'Sow in a later lesson, or sow them dry: it is a help, not a need.',
      });
    else if (since !== null && day < since)
      conflicts.push({
        day: sowOn,
        what: `${title} would have to begin on ${formatDay(day)}, before today.`,
        ...sowingAfter(plan, addDays(sowOn, 1)),
      });
    else if (!isSchoolDay(plan.calendar, day))
      conflicts.push({ day, what: `${title} would fall on ${formatDay(day)}, a day without school.`, ...waysOut(plan, day) });
  }
  return { events, conflicts };
}

/** Seeds that soak over days without school drown: another sowing day, or hands at home. */
function waysOut(plan: PlanDocument, day: IsoDay): Pick<CalendarConflict, 'wayOut' | 'fix'> {
  if (plan.kind === 'age-ladder') return { wayOut: 'Let somebody soak them at home that evening; not earlier.' };
  const { wayOut, fix } = sowingAfter(plan, addDays(day, 2));
  return fix
    ? { wayOut: `${wayOut.replace(/\.$/, '')}, or let somebody soak them at home that evening; not earlier.`, fix }
    : { wayOut: 'Let somebody soak them at home that evening; not earlier.' };
}

/** The first school day from a day on that follows on another. */
function sowingAfter(plan: PlanDocument, from: IsoDay): Pick<CalendarConflict, 'wayOut' | 'fix'> {
  const there = (calendar: SchoolCalendar, d: IsoDay) => isSchoolDay(calendar, d) && isSchoolDay(calendar, addDays(d, -1));
  const sowing = Array.from({ length: LOOK_AHEAD_DAYS }, (_, n) => addDays(from, n)).find((d) => there(plan.calendar, d));
  if (!sowing || sowing >= plan.endOn || plan.kind === 'age-ladder') return { wayOut: 'Choose a later day of sowing.' };
  return {
    wayOut: `Sow on ${formatDay(sowing)} instead.`,
    fix: { label: `Sow on ${formatDay(sowing, 'short')}`, apply: (p) => ({ ...p, sowOn: sowing }) },
  };
}
