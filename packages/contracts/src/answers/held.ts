import { type Told } from '@bright-sprout/words/say';
import { CARE_KINDS } from '@bright-sprout/core/care/careTasks';
import { type Static, type TSchema, Type } from '@sinclair/typebox';
import { type SaveCareRequest } from '../care';
import { type ReadingRequest, type SaveCheckRequest } from '../checks';
import { DAY_CODES } from '../dayCodes';
import { DEVIATION_KINDS, type SaveDeviationRequest } from '../deviations';
import { type HeldBody } from '../held';
import { TeamView } from './classes';
import { DoubtKind, Intent, LostReason, ReadingState, SeenInPicture } from './readings';
import { like, oneOf, orNull, shape, told } from './shape';

/** A field that a device may leave out; one that it sends as null is left out too. */
const orLeftOut = <T extends TSchema>(of: T) => Type.Optional(Type.Unsafe<Static<T>>(orNull(of)));

const sentFinding = shape({
  measure: Type.String(),
  typed: orLeftOut(Type.String()),
  value: orLeftOut(Type.Number()),
  choice: orLeftOut(Type.String()),
  seen: orLeftOut(SeenInPicture),
});

const sentDoubt = Type.Unsafe<NonNullable<ReadingRequest['doubt']>>(
  shape({
    kind: DoubtKind,
    measure: orLeftOut(Type.String()),
    answer: orLeftOut(Intent),
    secondMm: orLeftOut(Type.Number()),
  }),
);

const sentReading = like<ReadingRequest>()(
  shape({
    id: Type.String(),
    plant: Type.String(),
    state: ReadingState,
    findings: orLeftOut(Type.Array(sentFinding)),
    doubt: orLeftOut(sentDoubt),
    lostReason: orLeftOut(LostReason),
    note: orLeftOut(Type.String()),
    supersedes: orLeftOut(Type.String()),
  }),
);

const check = like<SaveCheckRequest>()(
  shape({
    containerId: Type.String(),
    day: Type.String(),
    dayReason: orLeftOut(Type.String()),
    dayCode: orLeftOut(oneOf(DAY_CODES)),
    recordedAt: Type.String(),
    readings: Type.Array(sentReading),
  }),
);

const care = like<SaveCareRequest>()(
  shape({
    investigationId: Type.String(),
    kind: oneOf(CARE_KINDS),
    task: Type.String(),
    day: Type.String(),
    recordedAt: Type.String(),
    amountMl: orLeftOut(Type.Number()),
    skipped: orLeftOut(Type.Boolean()),
    note: orLeftOut(Type.String()),
  }),
);

const deviation = like<SaveDeviationRequest>()(
  shape({
    containerId: Type.String(),
    kind: oneOf(DEVIATION_KINDS),
    seeds: orLeftOut(Type.Number()),
    note: orLeftOut(Type.String()),
    recordedAt: Type.String(),
  }),
);

const waiting = {
  id: Type.String(),
  team: TeamView,
  /** Label of the container; null for what is about all, or about one that is there no more. */
  code: orNull(Type.String()),
  reason: shape(told),
  receivedAt: Type.String(),
};

/** What a team entered and the server would not take, field by field as it can be sent. */
export const HeldView = Type.Unsafe<
  HeldBody & Omit<Static<ReturnType<typeof shape<typeof waiting>>>, 'reason'> & { reason: Told }
>(
  Type.Union([
    shape({ ...waiting, kind: Type.Literal('check'), body: check }),
    shape({ ...waiting, kind: Type.Literal('care'), body: care }),
    shape({ ...waiting, kind: Type.Literal('deviation'), body: deviation }),
  ]),
);
export type HeldView = Static<typeof HeldView>;
