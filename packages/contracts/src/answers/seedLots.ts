import { type Static, Type } from '@sinclair/typebox';
import { oneOf, orNull, shape } from './shape';

const pair = Type.Tuple([Type.Number(), Type.Number()]);

export const SeedLotView = shape({
  id: Type.String(),
  speciesId: Type.String(),
  name: Type.String(),
  year: orNull(Type.Number()),
  count: orNull(Type.Number()),
  depthMm: orNull(pair),
  spacingMm: orNull(Type.Number()),
  daysToSprout: orNull(pair),
  tests: Type.Array(shape({ kind: oneOf(['paper', 'float']), up: Type.Number(), of: Type.Number(), on: Type.String() })),
});
export type SeedLotView = Static<typeof SeedLotView>;
