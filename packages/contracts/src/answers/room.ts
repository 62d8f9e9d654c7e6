import { ROOM_SOURCES } from '../room';
import { type Static, Type } from '@sinclair/typebox';
import { RoomKind } from './terms';
import { shape, oneOf } from './shape';

export const RoomReadingView = shape({
  id: Type.String(),
  at: Type.String(),
  kind: RoomKind,
  value: Type.Number(),
  source: oneOf(ROOM_SOURCES),
});
export type RoomReadingView = Static<typeof RoomReadingView>;

export const RoomView = shape({
  readings: Type.Array(RoomReadingView),
  /** A sensor box can be reached, and this class listens to it. */
  sensor: shape({ there: Type.Boolean(), on: Type.Boolean() }),
});
export type RoomView = Static<typeof RoomView>;
