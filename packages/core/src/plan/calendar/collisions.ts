import { say } from '@bright-sprout/words/say';
import { addDays, daysBetween, formatDay, type IsoDay } from '../../calendar/days';
import { gaps, isSchoolDay, lessonCalendar, schoolDayFrom } from '../../calendar/schoolCalendar';
import { type PlanDocument } from '../document/planDocument';
import { type CalendarConflict } from './calendarConflict';
import { type DaysWorkedOut } from './daysWorkedOut';
import { eventWords } from './eventWords';
import { type Placed } from './windows';

/** So many later days of sowing are tried for one that helps. */
const DAYS_TRIED = 15;

type Unfit = (plan: PlanDocument) => readonly string[];

/** What could not be on its best day: what was moved within its window, and what finds no day in it, with what it collides with. */
export function collisions(
  plan: PlanDocument,
  placed: readonly Placed[],
  today: IsoDay | null,
  unfitIn: Unfit,
): CalendarConflict[] {
  const calendar = lessonCalendar(plan.calendar, plan.period);
  const none = placed.filter((p) => !p.fits).map((p) => p.wanted.id);
  const helps = (change: PlanDocument) => unfitIn(change).length < none.length;
  const wayOut = none.length > 0 ? wayOutOf(plan, helps) : null;
  return placed.flatMap(({ wanted, day, fits }): CalendarConflict[] => {
    const { best, from, to, kind, fact, bound } = wanted;
    const { title } = eventWords({ day, kind, ...fact });
    if (fits && isSchoolDay(calendar, best)) return [];
    if (fits) {
      const why = isSchoolDay(plan.calendar, best) ? say('planDays.halfDayWithoutPeriod') : say('planDays.dayWithoutSchool');
      // Done by whoever comes in, it stays where it is.
      if (day === best) return [];
      return [
        {
          day: best,
          what: say('planDays.wouldFallOn', { title, best: formatDay(best), why }),
          wayOut: say('planDays.itIsMovedTo', { day: formatDay(day) }),
          settled: true,
        },
      ];
    }
    const when =
      from >= to
        ? say('planDays.byDay', { to: formatDay(to) })
        : say('planDays.betweenAnd', { from: formatDay(from), to: formatDay(to) });
    return [
      {
        day: best,
        what: say('planDays.hasToBeAnd', { title, when, bound, obstacle: obstacle(plan, from, to, today) }),
        wayOut: say('planDays.standsPut', { wayOut: wayOut?.words ?? say('planDays.sowAnotherDayLet'), day: formatDay(day) }),
        ...(wayOut?.fix ? { fix: wayOut.fix } : {}),
      },
    ];
  });
}

/** What stands in the way of every day of a window. */
function obstacle(plan: PlanDocument, from: IsoDay, to: IsoDay, today: IsoDay | null): string {
  if (today !== null && to < today) return say('planDays.todayIs', { today: formatDay(today) });
  const off = gaps(plan.calendar, from, to < from ? from : to);
  const [longest] = [...off].sort((a, b) => b.days - a.days);
  if (!longest) return say('planDays.periodHeld');
  const whole = gaps(plan.calendar, addDays(longest.from, -LOOK_AROUND), addDays(longest.to, LOOK_AROUND)).find(
    (g) => g.from <= longest.from && g.to >= longest.to,
  )!;
  return say('planDays.fromToNobodyIs', {
    from: formatDay(whole.from),
    to: formatDay(whole.to),
    reason: whole.holiday ? ` (${whole.holiday})` : '',
  });
}

const LOOK_AROUND = 40;

/** Somebody who comes in, or the first later day of sowing with which more finds its day. */
function wayOutOf(
  plan: PlanDocument,
  helps: (plan: PlanDocument) => boolean,
): { words: string; fix?: CalendarConflict['fix'] } | null {
  const looked: PlanDocument = { ...plan, whileAway: 'somebody' };
  if (plan.whileAway !== 'somebody' && helps(looked))
    return {
      words: say('planDays.letSomebodyComeDays'),
      fix: { label: say('planDays.askSomebodyCome'), apply: (p) => ({ ...p, whileAway: 'somebody' }) },
    };
  if (plan.kind === 'age-ladder') return null;
  let day: IsoDay | null = plan.sowOn;
  for (let n = 0; n < DAYS_TRIED && day !== null; n++) {
    day = schoolDayFrom(plan.calendar, addDays(day, 1));
    if (day === null || day >= plan.endOn) break;
    const sowOn: IsoDay = day;
    const endOn = addDays(plan.endOn, daysBetween(plan.sowOn, sowOn));
    const later = { ...plan, sowOn, endOn: schoolDayFrom(plan.calendar, endOn) ?? endOn };
    if (helps(later))
      return {
        words: say('planDays.sowInsteadEndMuch', { sowOn: formatDay(sowOn) }),
        fix: {
          label: say('planDays.sowOn', { sowOn: formatDay(sowOn, 'short') }),
          apply: (p) => ({ ...p, sowOn, endOn: later.endOn }),
        },
      };
  }
  return null;
}

/** Seeds that are to be sown on a day that has gone by. */
export function pastSowing(plan: PlanDocument, today: IsoDay | null): CalendarConflict[] {
  if (today === null || plan.sowOn >= today || plan.kind === 'age-ladder') return [];
  const next = schoolDayFrom(plan.calendar, addDays(today, 1));
  return [
    {
      day: plan.sowOn,
      what: say('planDays.sowingPlannedToday', { sowOn: formatDay(plan.sowOn), today: formatDay(today) }),
      wayOut:
        next && next < plan.endOn
          ? say('planDays.sowOnNextSentence', { next: formatDay(next) })
          : say('planDays.chooseAnotherDaySowing'),
      ...(next && next < plan.endOn
        ? {
            fix: {
              label: say('planDays.sowOnNext', { next: formatDay(next, 'short') }),
              apply: (p: PlanDocument) => ({ ...p, sowOn: next }),
            },
          }
        : {}),
    },
  ];
}

/** Rungs of a ladder that will not have the age that they were to have. */
export function otherAges({ lessonOn }: PlanDocument, { recipes }: DaysWorkedOut): CalendarConflict[] {
  return recipes.flatMap(({ treatment, sowOn, age }) => {
    if (age === null || age.real === age.promised) return [];
    const wanted = addDays(lessonOn, -Math.round(age.promised));
    return [
      {
        day: wanted,
        what: say('planDays.dayDaysOldNobody', {
          code: treatment.code,
          promised: age.promised,
          lessonOn: formatDay(lessonOn),
          real: age.real,
          wanted: formatDay(wanted),
          sowOn: formatDay(sowOn),
        }),
        wayOut: say('planDays.labelSaysDayDays', { real: age.real }),
      },
    ];
  });
}
