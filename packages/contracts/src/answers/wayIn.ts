import { type Static, Type } from '@sinclair/typebox';
import { shape } from './shape';

/** Where devices in the room reach this server. */
export const WayInView = shape({
  /** The likeliest first, such as `http://192.168.1.20:4310`; empty where it listens to its own machine only. */
  addresses: Type.Array(Type.String()),
});
export type WayInView = Static<typeof WayInView>;
