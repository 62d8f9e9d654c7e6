import { type Static, Type } from '@sinclair/typebox';
import { CARE_KINDS } from '@bright-sprout/core/care/careTasks';
import { oneOf, orNull, shape } from './shape';

export const CareView = shape({
  id: Type.String(),
  /** Null for what the teacher did, for everybody. */
  teamId: orNull(Type.String()),
  kind: oneOf(CARE_KINDS),
  task: Type.String(),
  day: Type.String(),
  amountMl: orNull(Type.Number()),
  skipped: Type.Boolean(),
  note: orNull(Type.String()),
  recordedAt: Type.String(),
});
export type CareView = Static<typeof CareView>;
