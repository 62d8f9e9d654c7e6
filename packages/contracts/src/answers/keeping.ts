import { GOING_KINDS } from '../keeping';
import { type Static, Type } from '@sinclair/typebox';
import { shape, oneOf, orNull } from './shape';

/** How much of each thing there is. */
export const WhatGoes = shape({
  name: Type.String(),
  investigations: Type.Number(),
  containers: Type.Number(),
  looks: Type.Number(),
  pictures: Type.Number(),
  claims: Type.Number(),
  /** Entries of teams that still wait for the teacher's word. */
  waiting: Type.Number(),
  teams: Type.Number(),
  plans: Type.Number(),
  /** Days for which it could be undone, and the moment at which it would go if it were deleted now. */
  undoDays: Type.Number(),
  wouldGoAt: Type.String(),
});
export type WhatGoes = Static<typeof WhatGoes>;

export const GoingView = shape({
  kind: oneOf(GOING_KINDS),
  /** Of the investigation, the class, or the teacher. */
  id: Type.String(),
  name: Type.String(),
  goesAt: Type.String(),
});
export type GoingView = Static<typeof GoingView>;

export const KeepingView = shape({
  undoDays: Type.Number(),
  /** Pictures go so many days after the end of their investigation; null where they stay. */
  pictureDays: orNull(Type.Number()),
  /** What is deleted and can still be taken back. */
  going: Type.Array(GoingView),
});
export type KeepingView = Static<typeof KeepingView>;
