import { type Static, Type } from '@sinclair/typebox';
import { shape } from './shape';

export const HealthView = shape({
  status: Type.Literal('ok'),
  version: Type.String(),
  /** What time it is here, for devices whose clock is wrong. */
  now: Type.String(),
});
export type HealthView = Static<typeof HealthView>;
