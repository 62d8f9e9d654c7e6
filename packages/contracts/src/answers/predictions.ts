import { type Static, Type } from '@sinclair/typebox';
import { RulerResolution } from './terms';
import { PredictionKind } from './planDocument';
import { TeamView } from './classes';
import { shape, orNull } from './shape';

export const PredictionAnswer = shape({
  firstSproutDay: orNull(Type.Number()),
  heightMm: orNull(Type.Number()),
  winner: orNull(Type.String()),
});
export type PredictionAnswer = Static<typeof PredictionAnswer>;

/** What a team is asked to predict; from sowing on it can only be read. */
export const BenchPrediction = shape({
  planId: Type.String(),
  /** Whose answer it is: a tablet may change hands. */
  teamId: Type.String(),
  question: Type.String(),
  speciesName: Type.String(),
  resolution: RulerResolution,
  kinds: Type.Array(PredictionKind),
  treatments: Type.Array(shape({ code: Type.String(), label: Type.String() })),
  /** Day number for which the height is asked. */
  heightDay: Type.Number(),
  answer: orNull(PredictionAnswer),
  /** Sown: what was said is locked, and can be compared with what came. */
  sown: Type.Boolean(),
});
export type BenchPrediction = Static<typeof BenchPrediction>;

export const TeamPrediction = shape({
  ...PredictionAnswer.properties,
  team: TeamView,
  recordedAt: Type.String(),
});
export type TeamPrediction = Static<typeof TeamPrediction>;
