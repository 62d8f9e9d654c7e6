import { type Static, Type } from '@sinclair/typebox';
import { type RememberedReading } from '../imports';
import { orNull, shape } from './shape';

/** How a table with the same heads was read the last time, as it was sent then: held against `isTableReading` before it was kept. */
export const RememberedView = shape({
  reading: orNull(Type.Unsafe<RememberedReading>(Type.Record(Type.String(), Type.Unknown()))),
});
export type RememberedView = Static<typeof RememberedView>;
