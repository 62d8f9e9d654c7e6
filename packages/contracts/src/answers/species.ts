import { type ThermalTime as ThermalTimeType, type Species as SpeciesType } from '@bright-sprout/core/seeds/catalogue';
import { Type } from '@sinclair/typebox';
import { oneOf, like, shape, orNull } from './shape';

/** How a kind is drawn and measured: a grass by its longest blade, the others by their growing tip. */
export const Habit = oneOf(['grass', 'broad']);

/** Thermal time to emergence; `doubt` is the share by which lots and studies differ. */
export const ThermalTime = like<ThermalTimeType>()(
  shape({
    base: Type.Number(),
    optimum: Type.Number(),
    ceiling: Type.Number(),
    theta50: Type.Number(),
    sdLog: Type.Number(),
    doubt: Type.Number(),
    root: orNull(shape({ theta50: Type.Number(), sdLog: Type.Number() })),
  }),
);

/** One kind of seed with what this application uses of its facts; lengths in mm, times in days, temperatures in °C. */
export const Species = like<SpeciesType>()(
  shape({
    id: Type.String(),
    name: Type.String(),
    botanicalName: Type.String(),
    habit: Habit,
    germination: Type.Number(),
    sowingDepthMm: Type.Tuple([Type.Number(), Type.Number()]),
    needsLight: Type.Boolean(),
    emergenceDays: Type.Tuple([Type.Number(), Type.Number()]),
    heightCm: Type.Array(shape({ day: Type.Number(), range: Type.Tuple([Type.Number(), Type.Number()]) })),
    thermal: ThermalTime,
    hint: Type.String(),
    seedMm: shape({
      length: Type.Tuple([Type.Number(), Type.Number()]),
      width: Type.Tuple([Type.Number(), Type.Number()]),
      thickness: Type.Tuple([Type.Number(), Type.Number()]),
    }),
    thousandSeedGrams: orNull(Type.Number()),
    halfLifeYears: Type.Tuple([Type.Number(), Type.Number()]),
    sproutsAt: shape({ min: Type.Number(), optimum: Type.Tuple([Type.Number(), Type.Number()]), max: Type.Number() }),
    seedLeavesAbove: Type.Boolean(),
    spacingMm: Type.Number(),
    potMlPerPlant: Type.Number(),
    before: shape({
      soakHours: orNull(Type.Tuple([Type.Number(), Type.Number()])),
      coldWeeks: orNull(Type.Tuple([Type.Number(), Type.Number()])),
      neverSoak: Type.Boolean(),
      scarify: Type.Boolean(),
    }),
    daysTo: shape({
      firstTrueLeaf: orNull(Type.Tuple([Type.Number(), Type.Number()])),
      flower: orNull(Type.Tuple([Type.Number(), Type.Number()])),
      harvest: orNull(Type.Tuple([Type.Number(), Type.Number()])),
    }),
    salt: shape({ threshold: orNull(Type.Number()), words: Type.String() }),
    lightNeed: oneOf(['medium', 'high']),
    growthFlagCmPerDay: Type.Number(),
    hazards: Type.Array(Type.String()),
  }),
);
