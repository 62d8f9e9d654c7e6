import { fault } from '@bright-sprout/words/say';
import { type ClassConstructor, Type } from 'class-transformer';
import { IsObject, ValidateNested } from 'class-validator';

const LIST = {
  each: true,
  message: fault('refusals.entryListOwnFields'),
};
const ONE = {
  message: fault('refusals.partOwnFields'),
};

const all =
  (...decorators: PropertyDecorator[]): PropertyDecorator =>
  (target, key) =>
    decorators.forEach((decorate) => decorate(target, key));

/** A list of parts that are checked by their own class; a list within the list is none. */
export const PartsOf = (part: () => ClassConstructor<object>): PropertyDecorator =>
  all(IsObject(LIST), ValidateNested(LIST), Type(part));

/** A part that is checked by its own class. */
export const PartOf = (part: () => ClassConstructor<object>): PropertyDecorator =>
  all(IsObject(ONE), ValidateNested(ONE), Type(part));
