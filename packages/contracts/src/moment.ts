import { isISO8601, ValidateBy, type ValidationOptions } from 'class-validator';

/** A moment of these two centuries in ISO 8601 that every program reads alike: `2026-03-19T09:30:00.000Z`. */
export const IsMoment = (options: ValidationOptions): PropertyDecorator =>
  ValidateBy(
    {
      name: 'moment',
      validator: {
        validate: (value: unknown) =>
          typeof value === 'string' &&
          /^(19|20|21)\d\d-\d\d-\d\dT\d\d:\d\d/.test(value) &&
          isISO8601(value, { strict: true }) &&
          !Number.isNaN(Date.parse(value)),
      },
    },
    options,
  );
