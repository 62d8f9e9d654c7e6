import { addDays, type IsoDay, weekday } from '../../calendar/days';
import { gaps } from '../../calendar/schoolCalendar';
import { methodById } from '../../seeds/catalogue';
import { type PlanDocument } from '../document/planDocument';
import { sowingDays } from '../document/treatmentSowing';
import { isWatered } from '../document/waterings';
import { type Leaving, type PlanEvent } from './planEvents';

/** The last school day before every gap gets a reminder of what the days alone need; after the last look nothing is alone. */
export function daysAway(plan: PlanDocument, lastLook: IsoDay): PlanEvent[] {
  const { unattendedDays } = methodById(plan.methodId)!;
  const sown = sowingDays(plan)[0]!;
  return gaps(plan.calendar, addDays(sown, 1), plan.endOn).flatMap((gap): PlanEvent[] => {
    const day = addDays(gap.from, -1);
    if (day < sown || day >= lastLook) return [];
    // What nobody waters does not run dry.
    const long = isWatered(plan) && gap.days > unattendedDays;
    const which = { gap: gap.holiday, weekend: weekday(gap.from) === 6 };
    const comes = long && plan.whileAway === 'somebody' ? Math.ceil(gap.days / unattendedDays) - 1 : 0;
    return [
      { day, kind: 'weekend', code: 'before-gap', ...which, days: gap.days, leaving: leavingOf(plan, long) },
      ...Array.from({ length: comes }, (_, n): PlanEvent => ({
        day: addDays(gap.from, (n + 1) * unattendedDays),
        kind: 'weekend',
        code: 'come-in',
        ...which,
        every: unattendedDays,
      })),
    ];
  });
}

function leavingOf({ whileAway, methodId }: PlanDocument, long: boolean): Leaving {
  const { cover } = methodById(methodId)!;
  if (!long) return { how: 'short', cover };
  return { how: whileAway === 'nothing' ? 'too-long' : whileAway, cover };
}
