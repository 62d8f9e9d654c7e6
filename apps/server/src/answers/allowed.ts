import { Logger } from '@nestjs/common';
import { type TSchema } from '@sinclair/typebox';
import { type TypeCheck, TypeCompiler } from '@sinclair/typebox/compiler';
import { Value } from '@sinclair/typebox/value';

const compiled = new WeakMap<TSchema, TypeCheck<TSchema>>();

function checkOf(schema: TSchema): TypeCheck<TSchema> {
  const made = compiled.get(schema) ?? TypeCompiler.Compile(schema);
  compiled.set(schema, made);
  return made;
}

let strict = false;

/** Whether an answer with a field that its schema has not is an error, as in the tests. */
export function answerStrictly(on: boolean): void {
  strict = on;
}

/** An answer is not as its schema says; thrown in the tests only. */
export class OtherFieldsError extends Error {}

/**
 * What may leave the server of an answer. As a rule that is all of it, and it goes as it is. A field that the schema has not stays here
 * and is reported; the tests end at it, so that it is allowed on purpose or not at all.
 */
export function allowed<T>(schema: TSchema, answer: T): T {
  const check = checkOf(schema);
  if (check.Check(answer)) return answer;
  const [first] = check.Errors(answer);
  const other = new OtherFieldsError(`An answer is not as its schema says at ${first?.path}: ${first?.message}.`);
  if (strict) throw other;
  new Logger('Answers').error(other.message);
  return Value.Clean(schema, structuredClone(answer)) as T;
}
