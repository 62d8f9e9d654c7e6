import { canBeSaid } from '@bright-sprout/words/say';
import { ValidateBy, type ValidationOptions } from 'class-validator';

/** A message that can be said: its code is known, and what stands in it is there. */
export const IsTold = (options: ValidationOptions): PropertyDecorator =>
  ValidateBy({ name: 'told', validator: { validate: canBeSaid } }, options);
