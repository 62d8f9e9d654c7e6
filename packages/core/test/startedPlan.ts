import { type PlanDocument } from '../src/plan/document/planDocument';
import { planFrom } from '../src/plan/document/startingPoints';
import { fairTest } from '../src/plan/fairTest/fairTest';
import { workOut } from '../src/plan/workedOut/workOut';

/** The day on which the plans of the tests are begun: a Monday. */
export const BEGUN_ON = '2026-03-02';

/** A plan begun at one of the starting points by a class of ages 11 to 13, with what a test changes of it. */
export function startedPlan(id: string, part: Partial<PlanDocument> = {}, teams = 7): PlanDocument {
  return { ...planFrom(id, { gradeBand: 'middle', teams, today: BEGUN_ON }, 11), ...part };
}

/** Which rules of the fair test have something to say. */
export const rulesOf = (plan: PlanDocument, teams = 7) => fairTest(plan, workOut(plan, teams), teams).map((f) => f.rule);
