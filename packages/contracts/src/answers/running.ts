import { RUN_CHANGES } from '../running';
import { type Static, Type } from '@sinclair/typebox';
import { shape, oneOf, orNull } from './shape';

export const RunChangeView = shape({
  id: Type.String(),
  kind: oneOf(RUN_CHANGES),
  containerId: Type.String(),
  code: Type.String(),
  /** Teams before and after, for a move; null is the class. */
  fromTeam: orNull(Type.String()),
  toTeam: orNull(Type.String()),
  /** Code of the container whose place it has taken. */
  replaces: orNull(Type.String()),
  note: orNull(Type.String()),
  recordedAt: Type.String(),
  undone: Type.Boolean(),
});
export type RunChangeView = Static<typeof RunChangeView>;
