import { DEVIATION_KINDS } from '../deviations';
import { type Static, Type } from '@sinclair/typebox';
import { shape, oneOf, orNull } from './shape';

export const DeviationView = shape({
  id: Type.String(),
  containerId: Type.String(),
  kind: oneOf(DEVIATION_KINDS),
  /** Seeds that were counted; null for what is no number. */
  seeds: orNull(Type.Number()),
  note: orNull(Type.String()),
});
export type DeviationView = Static<typeof DeviationView>;
