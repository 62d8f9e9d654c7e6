import { EMBLEMS } from '../access';
import { PHASES } from '../classes';
import { type Static, Type } from '@sinclair/typebox';
import { GradeBand } from './terms';
import { calendar } from './keptShapes';
import { shape, oneOf, orNull, both } from './shape';

export const TeamView = shape({
  id: Type.String(),
  emblem: oneOf(EMBLEMS),
  nickname: Type.String(),
});
export type TeamView = Static<typeof TeamView>;

/** What goes out of sight when a team is taken away; all of it comes back with the team. */
export const TeamLeaves = shape({
  /** On which it has joined. */
  devices: Type.Number(),
  predictions: Type.Number(),
  /** Entries that wait for the teacher's decision. */
  waiting: Type.Number(),
});
export type TeamLeaves = Static<typeof TeamLeaves>;

export const ClassView = shape({
  id: Type.String(),
  name: Type.String(),
  gradeBand: GradeBand,
  timeZone: Type.String(),
  joinCode: Type.String(),
  /** School days and holidays for all its plans; null until they are typed. */
  schoolYear: orNull(calendar),
  /** PINs are shown to the class's teachers only. */
  teams: Type.Array(both(TeamView, shape({ pin: Type.String(), leaves: TeamLeaves }))),
  /** Entries of its teams that wait for a decision. */
  waiting: Type.Number(),
  investigations: Type.Array(shape({ id: Type.String(), question: Type.String(), phase: oneOf(PHASES), sownOn: Type.String() })),
});
export type ClassView = Static<typeof ClassView>;
