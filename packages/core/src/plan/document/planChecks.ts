import { type IsoDay } from '../../calendar/days';
import { checkDays, lessonCalendar } from '../../calendar/schoolCalendar';
import { type Result } from '../../result/result';
import { type PlanDocument } from './planDocument';
import { sowingDays } from './treatmentSowing';

/** The days on which every container gets an answer: those of the cadence, and those that were chosen one by one. */
export function planChecks(plan: PlanDocument): Result<{ days: IsoDay[] }> {
  const sown = sowingDays(plan)[0]!;
  const ruled = checkDays(lessonCalendar(plan.calendar, plan.period), sown, plan.endOn, plan.cadence);
  if (!ruled.ok) return ruled;
  const skipped = new Set(plan.checksSkipped);
  const added = plan.checksAdded.filter((day) => day > sown && day <= plan.endOn);
  return { ok: true, days: [...new Set([...ruled.days.filter((day) => !skipped.has(day)), ...added])].sort() };
}

/** The plan with a check on a day, or without the one that it has there. */
export function withCheckTurned(plan: PlanDocument, day: IsoDay): PlanDocument {
  const checks = planChecks(plan);
  const without = (days: readonly IsoDay[]) => days.filter((d) => d !== day);
  const cleared = { ...plan, checksAdded: without(plan.checksAdded), checksSkipped: without(plan.checksSkipped) };
  if (!checks.ok) return plan;
  const wanted = !checks.days.includes(day);
  const now = planChecks(cleared);
  if (now.ok && now.days.includes(day) === wanted) return cleared;
  return wanted
    ? { ...cleared, checksAdded: [...cleared.checksAdded, day].sort() }
    : { ...cleared, checksSkipped: [...cleared.checksSkipped, day].sort() };
}
