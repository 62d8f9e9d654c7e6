import { say } from '@bright-sprout/words/say';
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
        what: say('planDays.hoursBeforeNight', {
          title,
          least: hours[0],
          most: hours[1],
          period: plan.period || say('planDays.theSowing'),
          sowOn: formatDay(sowOn),
        }),
        wayOut: chosen ? say('planDays.sowLaterLessonChoose') : say('planDays.sowLaterLessonSow'),
      });
    else if (since !== null && day < since)
      conflicts.push({
        day: sowOn,
        what: say('planDays.beginBeforeToday', { title, day: formatDay(day) }),
        ...sowingAfter(plan, addDays(sowOn, 1)),
      });
    else if (!isSchoolDay(plan.calendar, day))
      conflicts.push({ day, what: say('planDays.fallDayWithoutSchool', { title, day: formatDay(day) }), ...waysOut(plan, day) });
  }
  return { events, conflicts };
}

/** Seeds that soak over days without school drown: another sowing day, or hands at home. */
function waysOut(plan: PlanDocument, day: IsoDay): Pick<CalendarConflict, 'wayOut' | 'fix'> {
  if (plan.kind === 'age-ladder') return { wayOut: say('planDays.letSomebodySoakThem') };
  const { wayOut, fix } = sowingAfter(plan, addDays(day, 2));
  return fix
    ? { wayOut: say('planDays.orSoakAtHome', { plan: wayOut.replace(/\.$/, '') }), fix }
    : { wayOut: say('planDays.letSomebodySoakThem') };
}

/** The first school day from a day on that follows on another. */
function sowingAfter(plan: PlanDocument, from: IsoDay): Pick<CalendarConflict, 'wayOut' | 'fix'> {
  const there = (calendar: SchoolCalendar, d: IsoDay) => isSchoolDay(calendar, d) && isSchoolDay(calendar, addDays(d, -1));
  const sowing = Array.from({ length: LOOK_AHEAD_DAYS }, (_, n) => addDays(from, n)).find((d) => there(plan.calendar, d));
  if (!sowing || sowing >= plan.endOn || plan.kind === 'age-ladder') return { wayOut: say('planDays.chooseLaterDaySowing') };
  return {
    wayOut: say('planDays.sowInstead', { sowing: formatDay(sowing) }),
    fix: { label: say('planDays.sowOnDay', { sowing: formatDay(sowing, 'short') }), apply: (p) => ({ ...p, sowOn: sowing }) },
  };
}
