import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';

/** A plan as a file of its own: its format is told in `docs/formats.md`. */
export interface PlanFile {
  format: 'bright-sprout-plan';
  version: 1;
  plan: PlanDocument;
}

export const planFile = (plan: PlanDocument): PlanFile => ({ format: 'bright-sprout-plan', version: 1, plan });
