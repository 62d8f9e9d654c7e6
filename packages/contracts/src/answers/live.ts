import { LIVE_KINDS } from '../live';
import { type Static, Type } from '@sinclair/typebox';
import { shape, oneOf, orNull } from './shape';

/** One change, told to whoever may see it. */
export const LiveEvent = shape({
  kind: oneOf(LIVE_KINDS),
  /** Left out for teams and screens, which know of one class only. */
  classId: Type.Optional(Type.String()),
  investigationId: orNull(Type.String()),
  subjectId: orNull(Type.String()),
  /** For a team: it is about a container that the team looks after, or about none. */
  own: Type.Optional(Type.Boolean()),
});
export type LiveEvent = Static<typeof LiveEvent>;
