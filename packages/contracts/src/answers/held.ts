import { type Static, Type } from '@sinclair/typebox';
import { type HeldBody } from '../held';
import { HELD_KINDS } from '../heldKinds';
import { type Told } from '@bright-sprout/words/say';
import { TeamView } from './classes';
import { oneOf, orNull, shape, told } from './shape';

const Waiting = shape({
  id: Type.String(),
  kind: oneOf(HELD_KINDS),
  team: TeamView,
  /** Label of the container; null for what is about all, or about one that is there no more. */
  code: orNull(Type.String()),
  reason: shape(told),
  receivedAt: Type.String(),
});

/** What a team entered, field by field as its request was read when it came. */
const entered = Type.Record(Type.String(), Type.Unknown());

export const HeldView = Type.Unsafe<HeldBody & Omit<Static<typeof Waiting>, 'kind' | 'reason'> & { reason: Told }>(
  shape({ ...Waiting.properties, body: entered }),
);
export type HeldView = Static<typeof HeldView>;
