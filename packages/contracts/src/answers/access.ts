import { EMBLEMS } from '../access';
import { type Static, Type } from '@sinclair/typebox';
import { shape, orNull, oneOf } from './shape';

export const SessionView = shape({
  /** True while the database has no teacher: the first one can be made. */
  needsFirstTeacher: Type.Boolean(),
  teacher: orNull(shape({ id: Type.String(), name: Type.String(), schoolName: Type.String() })),
});
export type SessionView = Static<typeof SessionView>;

/** What a class code shows before the PIN: emblems and nicknames, nothing else. */
export const JoinView = shape({
  className: Type.String(),
  teams: Type.Array(shape({ emblem: oneOf(EMBLEMS), nickname: Type.String() })),
});
export type JoinView = Static<typeof JoinView>;
