import { faultTold, told } from '@bright-sprout/words/say';
import { ValidationPipe } from '@nestjs/common';
import { type ValidationError } from 'class-validator';
import { Problem, type WrongField } from './problem';

/** Refuses unknown properties and wrong values, each with its path and a sentence. */
export function validationPipe(): ValidationPipe {
  return new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    transform: true,
    exceptionFactory: (errors) => {
      const fields = errors.flatMap((e) => flatten(e, ''));
      return new Problem(400, fields[0]?.wrong ?? told('refusals.somethingIsMissing'), { fields });
    },
  });
}

function flatten(error: ValidationError, parent: string): WrongField[] {
  const path = parent ? `${parent}.${error.property}` : error.property;
  const own = Object.entries(error.constraints ?? {}).map(([rule, message]) => ({
    path,
    wrong:
      rule === 'whitelistValidation'
        ? told('refusals.thereIsNoField', { property: error.property })
        : (faultTold(message) ?? told('refusals.asTold', { reason: message })),
  }));
  return [...own.slice(0, 1), ...(error.children ?? []).flatMap((child) => flatten(child, path))];
}
