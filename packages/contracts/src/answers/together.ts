import { type Static, Type } from '@sinclair/typebox';
import { TeamView } from './classes';
import { Habit } from './species';
import { RulerResolution } from './terms';
import { shape, orNull } from './shape';

export const TogetherView = shape({
  id: Type.String(),
  containerId: Type.String(),
  code: Type.String(),
  openedAt: Type.String(),
  /** What the class settled on; null while it is open. */
  settledMm: orNull(Type.Number()),
  /** Nothing more is read; without a value the class did not settle. */
  closed: Type.Boolean(),
  readings: Type.Array(shape({ team: TeamView, valueMm: Type.Number(), typed: Type.String() })),
});
export type TogetherView = Static<typeof TogetherView>;

/** What a team's device is asked while a plant is open. */
export const BenchTogether = shape({
  id: Type.String(),
  containerId: Type.String(),
  code: Type.String(),
  /** Letter and label of its treatment. */
  treatment: shape({ code: Type.String(), label: Type.String() }),
  habit: Habit,
  resolution: RulerResolution,
  /** What this team has sent, as typed. */
  typed: orNull(Type.String()),
});
export type BenchTogether = Static<typeof BenchTogether>;
