import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type PlanProblem } from '@bright-sprout/core/plan/document/planProblems';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { type PlanDraft } from './usePlanDraft';

/** What every part of the planner is given. */
export interface PartProps {
  /** Also the investigation's id, once it is sown. */
  planId: string;
  group: ClassView;
  plan: PlanDocument;
  change: PlanDraft['change'];
  problems: readonly PlanProblem[];
  /** Null while the plan cannot be worked out. */
  out: WorkedOut | null;
  readOnly: boolean;
}
