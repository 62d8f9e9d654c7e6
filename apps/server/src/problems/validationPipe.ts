import { ValidationPipe } from '@nestjs/common';
import { type ValidationError } from 'class-validator';
import { Problem } from './problem';

/** Refuses unknown properties and wrong values, each with its path and a sentence. */
export function validationPipe(): ValidationPipe {
  return new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    transform: true,
    exceptionFactory: (errors) => {
      const listed = errors.flatMap((e) => flatten(e, ''));
      return new Problem(400, listed[0]?.sentence ?? 'Something is missing or wrong.', { errors: listed });
    },
  });
}

function flatten(error: ValidationError, parent: string): { path: string; sentence: string }[] {
  const path = parent ? `${parent}.${error.property}` : error.property;
  const own = Object.entries(error.constraints ?? {}).map(([rule, message]) => ({
    path,
    sentence: rule === 'whitelistValidation' ? `There is no field “${error.property}”.` : message,
  }));
  return [...own.slice(0, 1), ...(error.children ?? []).flatMap((child) => flatten(child, path))];
}
