import { type ColumnMeaning as ColumnMeaningType, ROLES } from '@bright-sprout/core/formats/table/columnMeaning';
import { DATE_ORDERS } from '@bright-sprout/core/formats/table/readDate';
import { type Static, Type } from '@sinclair/typebox';
import { type RememberedReading } from '../imports';
import { ownMeasure } from './keptShapes';
import { like, oneOf, orNull, shape } from './shape';

const ColumnMeaning = like<ColumnMeaningType>()(
  Type.Union([
    shape({
      is: oneOf(ROLES),
      unit: Type.Optional(Type.String()),
      names: Type.Optional(Type.Literal('treatment')),
    }),
    shape({ is: oneOf(['left-out', 'open']) }),
    shape({ is: Type.Literal('typed'), of: Type.String() }),
    shape({
      is: Type.Literal('measure'),
      measure: Type.String(),
      unit: Type.String(),
      counting: Type.Optional(oneOf(['by-then', 'new', 'share-of'])),
      on: Type.Optional(Type.Union([shape({ number: Type.Number() }), shape({ date: Type.String() })])),
      at: Type.Optional(shape({ container: Type.String(), treatment: Type.String() })),
    }),
  ]),
);

/** How a table with the same heads was read the last time. */
export const RememberedView = shape({
  reading: orNull(
    like<RememberedReading>()(
      shape({
        columns: Type.Array(ColumnMeaning),
        own: Type.Array(ownMeasure),
        zeros: oneOf(['not-up', 'left-out']),
        seedsEach: orNull(Type.Number()),
        dateOrder: oneOf(DATE_ORDERS),
        factor: Type.String(),
        speciesId: Type.String(),
      }),
    ),
  ),
});
export type RememberedView = Static<typeof RememberedView>;
