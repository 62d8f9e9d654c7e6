import { type GrowingMethod, methodById, type Species, speciesById } from '../../seeds/catalogue';
import { type FactorSubject, type PlanDocument } from '../document/planDocument';

// What several rules ask of a plan.

export const speciesOf = (plan: PlanDocument): Species => speciesById(plan.speciesId)!;
export const methodOf = (plan: PlanDocument): GrowingMethod => methodById(plan.methodId)!;
export const lower = (s: string) => s.toLowerCase();

/** Some factor changes one of these. */
export const changes = (plan: PlanDocument, ...subjects: FactorSubject[]) =>
  plan.factors.some((f) => subjects.includes(f.subject));

/** Kinds of experiment that test no cause. */
export const NOT_TESTS = ['viability', 'looking', 'age-ladder', 'side-by-side'];

/** Fewer containers of each say nothing about their spread. */
export const FEWEST_CONTAINERS = 3;
