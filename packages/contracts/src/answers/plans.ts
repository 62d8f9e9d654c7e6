import { type Static, Type } from '@sinclair/typebox';
import { PlanDocument } from './planDocument';
import { shape } from './shape';

export const PlanView = shape({
  id: Type.String(),
  classId: Type.String(),
  version: Type.Number(),
  document: PlanDocument,
  /** True from sowing on: then the plan can only be read. */
  sown: Type.Boolean(),
});
export type PlanView = Static<typeof PlanView>;

export const PlanListing = shape({
  id: Type.String(),
  question: Type.String(),
  changedAt: Type.String(),
  sown: Type.Boolean(),
});
export type PlanListing = Static<typeof PlanListing>;
