import { type Static, Type } from '@sinclair/typebox';
import { shape, orNull } from './shape';

export const PhotoView = shape({
  id: Type.String(),
  containerId: Type.String(),
  day: Type.String(),
  /** Null for a picture by the teacher. */
  teamId: orNull(Type.String()),
  width: Type.Number(),
  height: Type.Number(),
  /** The teacher has looked at it: before that, other teams do not see it. */
  seen: Type.Boolean(),
});
export type PhotoView = Static<typeof PhotoView>;
