import { addDays, daysBetween, isIsoDay } from '../../calendar/days';
import { schoolDayFrom } from '../../calendar/schoolCalendar';
import { type PlanDocument } from './planDocument';
import { type ClassFacts } from './startingPoints';

/** So long before sowing a plan is begun. */
const BEFORE_SOWING = 7;

/** The same plan for another time: every day moves with the day of sowing, and lots are drawn anew. */
export function planAgain(
  document: PlanDocument,
  { today, schoolYear }: Pick<ClassFacts, 'today' | 'schoolYear'>,
  drawSeed: number,
): PlanDocument {
  const calendar = schoolYear ?? document.calendar;
  const wanted = addDays(today, BEFORE_SOWING);
  const days = daysBetween(document.sowOn, schoolDayFrom(calendar, wanted) ?? wanted);
  const moved = (day: string) => (isIsoDay(day) ? addDays(day, days) : day);
  return {
    ...document,
    sowOn: moved(document.sowOn),
    endOn: moved(document.endOn),
    lessonOn: moved(document.lessonOn),
    thinOn: '',
    seedLesson: document.seedLesson && { ...document.seedLesson, on: moved(document.seedLesson.on) },
    askTeams: false,
    calendar,
    moved: {},
    checksAdded: [],
    checksSkipped: [],
    learned: [],
    drawSeed,
  };
}
