import { READING_STATES, type ReadingDoubt as ReadingDoubtType, LOST_REASONS } from '@bright-sprout/core/readings/reading';
import { type SeenInPicture as SeenInPictureType, type Finding as FindingType } from '@bright-sprout/core/measures/finding';
import { DOUBT_KINDS, INTENTS } from '@bright-sprout/core/readings/doubtKinds';
import { Type } from '@sinclair/typebox';
import { oneOf, like, shape, orNull } from './shape';

export const ReadingState = oneOf(READING_STATES);

/** How something was found in a picture. */
export const SeenInPicture = like<SeenInPictureType>()(
  shape({
    picture: Type.String(),
    method: Type.String(),
    low: orNull(Type.Number()),
    high: orNull(Type.Number()),
  }),
);

/** What one look found of one measure. Numbers are in the measure's stored unit; choices are kept by their code. */
export const Finding = like<FindingType>()(
  shape({
    measure: Type.String(),
    value: orNull(Type.Number()),
    choice: orNull(Type.String()),
    typed: orNull(Type.String()),
    seen: Type.Optional(orNull(SeenInPicture)),
  }),
);

export const DoubtKind = oneOf(DOUBT_KINDS);

export const Intent = oneOf(INTENTS);

/** A question at the bench as it is kept: the value stays whatever was answered. */
export const ReadingDoubt = like<ReadingDoubtType>()(
  shape({
    kind: DoubtKind,
    measure: Type.Optional(Type.String()),
    answer: orNull(Intent),
    secondMm: orNull(Type.Number()),
  }),
);

export const LostReason = oneOf(LOST_REASONS);

/** One reading as stored: append-only, a correction names the reading it replaces. */
export const Reading = shape({
  id: Type.String(),
  containerId: Type.String(),
  plant: Type.String(),
  day: Type.String(),
  state: ReadingState,
  findings: Type.Array(Finding),
  doubt: orNull(ReadingDoubt),
  lostReason: orNull(LostReason),
  note: orNull(Type.String()),
  supersedes: orNull(Type.String()),
  recordedAt: Type.String(),
});
