import { say } from '@bright-sprout/words/say';
import { addDays, daysBetween, type IsoDay } from '../../calendar/days';
import { isSchoolDay, lessonCalendar, schoolDayFrom } from '../../calendar/schoolCalendar';
import { type PlanDocument } from '../document/planDocument';
import { sowingDays } from '../document/treatmentSowing';
import { type CalendarConflict } from './calendarConflict';
import { collisions, otherAges, pastSowing } from './collisions';
import { daysAway } from './daysAway';
import { type DaysWorkedOut } from './daysWorkedOut';
import { EVENT_KINDS, type PlanEvent } from './planEvents';
import { afterPots, afterTheEnd, hardening } from './wanted/afterPots';
import { comingUp, thinnedAtAWrongTime } from './wanted/comingUp';
import { gettingReady } from './wanted/gettingReady';
import { soaking } from './wanted/soaking';
import { type Open, place, type Placed, type Wanted } from './windows';

export interface PlanCalendar {
  events: PlanEvent[];
  conflicts: CalendarConflict[];
}

/**
 * Everything that has its day, in order: each on the school day of its window that is nearest to its best one. What people decide is
 * brought forward from a day without school, what the plants decide waits, and both are said; where nothing fits, it is said what
 * collides, with ways out.
 *
 * @param today the day of planning, before which nothing can be put; null where that is not asked
 */
export function planCalendar(plan: PlanDocument, days: DaysWorkedOut, today: IsoDay | null = null): PlanCalendar {
  const { endOn } = plan;
  const calendar = lessonCalendar(plan.calendar, plan.period);
  const away = daysAway(plan, schoolDayFrom(calendar, endOn, -1) ?? endOn);
  const { placed, soaks } = placeAll(plan, days, today, away);
  const checks = days.checkDays.ok ? days.checkDays.days : [];
  const events: PlanEvent[] = [
    ...placed.map(({ wanted: { kind, fact }, day }): PlanEvent => ({ day, kind, ...fact })),
    ...soaks.events,
    ...checks.map((day): PlanEvent => ({ day, kind: 'check', code: 'check' })),
    ...hardening(plan, placed),
    ...away,
  ];
  const order = (e: PlanEvent) => EVENT_KINDS.indexOf(e.kind);
  return {
    events: events.sort((a, b) => (a.day === b.day ? order(a) - order(b) : a.day < b.day ? -1 : 1)),
    conflicts: [
      ...pastSowing(plan, today),
      ...soaks.conflicts,
      ...collisions(plan, placed, today, (other) => unfit(other, shiftedBy(days, daysBetween(plan.sowOn, other.sowOn)), today)),
      ...thinnedAtAWrongTime(plan, days),
      ...otherAges(plan, days),
      ...afterTheEnd(plan, days.recipes),
    ],
  };
}

/** Ids of what finds no day. */
function unfit(plan: PlanDocument, days: DaysWorkedOut, today: IsoDay | null): string[] {
  const away = daysAway(plan, plan.endOn);
  return placeAll(plan, days, today, away).placed.flatMap((p) => (p.fits ? [] : [p.wanted.id]));
}

/** The same days some days later: near enough for finding out whether another day of sowing would do. */
function shiftedBy(days: DaysWorkedOut, by: number): DaysWorkedOut {
  const later = (day: IsoDay | null) => (day === null ? null : addDays(day, by));
  return {
    ...days,
    recipes: days.recipes.map((r) => ({ ...r, sowOn: addDays(r.sowOn, by) })),
    sproutings: days.sproutings.map(({ forecast, ...s }) => ({
      ...s,
      sowOn: addDays(s.sowOn, by),
      forecast: forecast.ok
        ? {
            ...forecast,
            first: { ...forecast.first, earliest: later(forecast.first.earliest), likely: later(forecast.first.likely) },
            half: { ...forecast.half, likely: later(forecast.half.likely) },
            ninety: { ...forecast.ninety, likely: later(forecast.ninety.likely) },
          }
        : forecast,
    })),
  };
}

function placeAll(plan: PlanDocument, days: DaysWorkedOut, today: IsoDay | null, away: readonly PlanEvent[]) {
  const calendar = lessonCalendar(plan.calendar, plan.period);
  const comes = new Set(away.flatMap((e) => ('code' in e && e.code === 'come-in' ? [e.day] : [])));
  const open: Open = (day, { byComers }) => isSchoolDay(calendar, day) || (byComers === true && comes.has(day));
  const wanted = [
    ...gettingReady(plan, days.recipes),
    ...sowings(plan, days),
    ...comingUp(plan, days),
    ...afterPots(plan, days.recipes),
    ...typed(plan),
  ];
  const since = today !== null && today <= plan.sowOn ? today : null;
  const placed: Placed[] = place(
    wanted.map((w) => (since !== null && w.from < since ? { ...w, from: since } : w)),
    open,
  );
  return { placed, soaks: soaking(plan, days.recipes, since) };
}

/** A day that was chosen is kept, or the last school day in the week before it. */
const CHOSEN_DAYS = 6;

const chosen = (id: string, kind: Wanted['kind'], fact: Wanted['fact'], day: IsoDay, bound: string): Wanted => ({
  id,
  kind,
  fact,
  best: day,
  from: addDays(day, -CHOSEN_DAYS),
  to: day,
  waits: false,
  bound,
});

/** One sowing, or the rungs of an age ladder, each with what is sown then. */
function sowings(plan: PlanDocument, { recipes }: DaysWorkedOut): Wanted[] {
  const days = sowingDays(plan);
  return days.map((day) => {
    const own = recipes.filter((r) => r.sowOn === day).map((r) => r.treatment.code);
    return chosen(
      `sow ${day}`,
      'sow',
      { code: 'sow', treatments: days.length > 1 ? own : [] },
      day,
      say('planDays.asItWasChosen'),
    );
  });
}

function typed({ lessonOn, endOn, seedLesson }: PlanDocument): Wanted[] {
  return [
    ...(seedLesson
      ? [
          chosen(
            'seeds',
            'lesson',
            { code: 'seed-lesson', looks: seedLesson.looks },
            seedLesson.on,
            say('planDays.asItWasChosen'),
          ),
        ]
      : []),
    ...(lessonOn ? [chosen('lesson', 'lesson', { code: 'lesson' }, lessonOn, say('planDays.asItWasChosen'))] : []),
    chosen('end', 'end', { code: 'end' }, endOn, say('planDays.asItWasChosen')),
  ];
}
