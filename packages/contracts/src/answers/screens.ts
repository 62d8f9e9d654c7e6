import { type Static, Type } from '@sinclair/typebox';
import { InvestigationView, ReadingView } from './investigations';
import { nothing, orNull, shape } from './shape';

/** A read-only link for a projector or a hallway screen. */
export const ScreenLinkView = shape({
  id: Type.String(),
  madeAt: Type.String(),
  lastSeenAt: orNull(Type.String()),
  /** The question that it shows, as an address; null for the wall. */
  question: orNull(Type.String()),
});
export type ScreenLinkView = Static<typeof ScreenLinkView>;

/** The secret part of the link is told once, when it is made. */
export const NewScreenLink = shape({
  ...ScreenLinkView.properties,
  token: Type.String(),
});
export type NewScreenLink = Static<typeof NewScreenLink>;

/** A look as a screen shows it: without anything that a student wrote in words of their own. */
const OnScreen = shape({ ...ReadingView.properties, note: Type.Null(), dayReason: Type.Null(), dayCode: Type.Null() });

/** The records without what is the class's own, and what is to be seen of them. */
export const ScreenView = shape({
  investigation: shape({
    ...InvestigationView.properties,
    care: nothing,
    deviations: nothing,
    runSheet: nothing,
    planCautions: nothing,
  }),
  readings: Type.Array(OnScreen),
  photos: nothing,
  /** A question to them, as an address; null for the wall. */
  question: orNull(Type.String()),
});
export type ScreenView = Static<typeof ScreenView>;

/** The looks that a screen asked for. */
export const ScreenNews = shape({ investigation: Type.Null(), readings: Type.Array(OnScreen), photos: nothing });
export type ScreenNews = Static<typeof ScreenNews>;
