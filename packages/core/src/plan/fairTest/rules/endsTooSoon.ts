import { say } from '@bright-sprout/words/say';
import { schoolDayFrom } from '../../../calendar/schoolCalendar';
import { type FairRule } from '../fairRule';
import { addDays, daysBetween, formatDay } from '../../../calendar/days';

export const endsTooSoon: FairRule = {
  code: 'ends-too-soon',
  ofEveryKind: true,
  check: (plan, { forecast }) => {
    if (!forecast.ok) return null;
    const { latest, likely } = forecast.half;
    const needed = latest ?? likely;
    if (needed !== null && daysBetween(needed, plan.endOn) >= (plan.measures.includes('height') ? 7 : 3)) return null;
    const to = needed ?? forecast.half.earliest;
    if (to === null)
      return {
        severity: 'stop',
        params: { half: null, end: plan.endOn },
        fix: null,
      };
    const end = schoolDayFrom(plan.calendar, addDays(to, 10)) ?? addDays(to, 10);
    return {
      severity: 'stop',
      params: { half: to, end: plan.endOn },
      fix: { label: say('fairTest.endOn', { end: formatDay(end) }), apply: (p) => ({ ...p, endOn: end }) },
    };
  },
  words: (p) => ({
    what:
      p.half === null
        ? say('fairTest.withinFourMonthsHardly')
        : say('fairTest.halfMayOnlyPlan', { half: formatDay(String(p.half)), end: formatDay(String(p.end)) }),
    why: p.half === null ? say('fairTest.nothingComparedBefore') : say('fairTest.askedAboutTimeHappen'),
  }),
};
