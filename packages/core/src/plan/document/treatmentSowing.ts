import { type IsoDay } from '../../calendar/days';
import { type Species, speciesById } from '../../seeds/catalogue';
import { ageLadder } from '../../seeds/backPlanning';
import { type PlanDocument } from './planDocument';
import { type PlannedTreatment, planTreatments } from './planTreatments';

/** Id of the kind of seed of a treatment: its own where kinds stand side by side, otherwise the plan's. */
export function speciesOfTreatment(plan: Pick<PlanDocument, 'speciesId'>, { levels }: PlannedTreatment): string {
  return levels.find((l) => l.speciesId)?.speciesId ?? plan.speciesId;
}

/** Every kind of seed of a plan, once; unknown ones are left out. */
export function speciesIn(plan: Pick<PlanDocument, 'speciesId' | 'factors'>): Species[] {
  const ids = new Set(planTreatments(plan).map((t) => speciesOfTreatment(plan, t)));
  return [...ids].map(speciesById).filter((s): s is Species => s !== undefined);
}

type Sowing = Pick<PlanDocument, 'kind' | 'factors' | 'lessonOn' | 'calendar' | 'sowOn'>;

/** Sowing day of a treatment: its rung of an age ladder, so that it has its age on the lesson day; otherwise the plan's day. */
export function sowingDayOfTreatment({ kind, factors, lessonOn, calendar, sowOn }: Sowing, treatment: PlannedTreatment): IsoDay {
  const age = treatment.levels[factors.findIndex((f) => f.subject === 'age')]?.amount ?? null;
  if (kind !== 'age-ladder' || !lessonOn || age === null) return sowOn;
  const ladder = ageLadder(lessonOn, [age], calendar);
  return ladder.ok ? ladder.rungs[0]!.sowOn : sowOn;
}

/** Every day on which something is sown, in order. */
export function sowingDays(plan: Sowing): IsoDay[] {
  return [...new Set(planTreatments(plan).map((t) => sowingDayOfTreatment(plan, t)))].sort();
}
