import { MENDING_KINDS, FILM_KINDS } from '../filmKinds';
import { type Static, Type } from '@sinclair/typebox';
import { GreenIndex } from './terms';
import { shape, oneOf, orNull } from './shape';

export const MendingView = shape({
  id: Type.String(),
  kind: oneOf(MENDING_KINDS),
  places: Type.Array(Type.Tuple([Type.Number(), Type.Number()])),
  green: orNull(Type.Boolean()),
  radius: orNull(Type.Number()),
  recordedAt: Type.String(),
});
export type MendingView = Static<typeof MendingView>;

export const FrameView = shape({
  id: Type.String(),
  filmId: Type.String(),
  day: Type.String(),
  /** Null for a picture by the teacher. */
  teamId: orNull(Type.String()),
  width: Type.Number(),
  height: Type.Number(),
  recordedAt: Type.String(),
  /** The teacher has looked at it: before that, other teams do not see it. */
  seen: Type.Boolean(),
  /** What was put right on it, oldest first; a later one of a kind that has one stands. */
  mendings: Type.Array(MendingView),
});
export type FrameView = Static<typeof FrameView>;

export const FilmView = shape({
  id: Type.String(),
  investigationId: Type.String(),
  version: Type.Number(),
  name: Type.String(),
  kind: oneOf(FILM_KINDS),
  columns: Type.Number(),
  rows: Type.Number(),
  cells: Type.Array(orNull(Type.String())),
  wideMm: orNull(Type.Number()),
  deepMm: orNull(Type.Number()),
  index: GreenIndex,
  removed: Type.Boolean(),
  /** In order of days. */
  frames: Type.Array(FrameView),
});
export type FilmView = Static<typeof FilmView>;

/** A film on a team's device, with what is said of it there. */
export const BenchFilmView = shape({
  ...FilmView.properties,
  /** First day on which a picture of it can be taken. */
  sownOn: Type.String(),
});
export type BenchFilmView = Static<typeof BenchFilmView>;

/** How many readings were written, and how many stood as they were. */
export const SavedCounts = shape({
  written: Type.Number(),
  unchanged: Type.Number(),
});
export type SavedCounts = Static<typeof SavedCounts>;
