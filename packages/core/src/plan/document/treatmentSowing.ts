import { daysBetween, type IsoDay } from '../../calendar/days';
import { type Species, speciesById } from '../../seeds/catalogue';
import { ageLadder } from '../../seeds/backPlanning';
import { counted } from '../../words/plural';
import { type PlanDocument } from './planDocument';
import { type PlannedTreatment, planTreatments } from './planTreatments';

/** Id of the kind of seed of a treatment: its own where kinds stand side by side, otherwise the plan's. */
export function speciesOfTreatment(plan: Pick<PlanDocument, 'speciesId'>, { levels }: PlannedTreatment): string {
  return levels.find((l) => l.speciesId)?.speciesId ?? plan.speciesId;
}

/** Seeds in each container of a treatment: its level's own number where it has one, otherwise the plan's. */
export function seedsOfTreatment({ seedsEach }: Pick<PlanDocument, 'seedsEach'>, { levels }: PlannedTreatment): number {
  return levels.find((l) => l.seeds !== undefined)?.seeds ?? seedsEach;
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

/** Age on the lesson day of a rung of an age ladder, in days: as it was to be, and as it will be; null elsewhere. */
export function ageOfTreatment(plan: Sowing, treatment: PlannedTreatment): { promised: number; real: number } | null {
  const promised = treatment.levels[plan.factors.findIndex((f) => f.subject === 'age')]?.amount ?? null;
  if (plan.kind !== 'age-ladder' || !plan.lessonOn || promised === null) return null;
  return { promised, real: daysBetween(sowingDayOfTreatment(plan, treatment), plan.lessonOn) };
}

/** The treatments as labels and legends call them: a rung that cannot have its age says the one it will have. */
export function namedTreatments(plan: Sowing): PlannedTreatment[] {
  return planTreatments(plan).map((treatment) => {
    const age = ageOfTreatment(plan, treatment);
    if (age === null || age.real === age.promised) return treatment;
    const [was, is] = [counted(age.promised, 'day'), counted(age.real, 'day')];
    const label = treatment.label.includes(was) ? treatment.label.replace(was, is) : `${treatment.label} (${is})`;
    return { ...treatment, label };
  });
}

/** Every day on which something is sown, in order. */
export function sowingDays(plan: Sowing): IsoDay[] {
  return [...new Set(planTreatments(plan).map((t) => sowingDayOfTreatment(plan, t)))].sort();
}
