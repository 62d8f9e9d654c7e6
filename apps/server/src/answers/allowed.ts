import { Logger } from '@nestjs/common';
import { KindGuard, type TSchema } from '@sinclair/typebox';
import { type TypeCheck, TypeCompiler } from '@sinclair/typebox/compiler';

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
  return only([schema], answer) as T;
}

/**
 * What of a value one of the schemas names: fields, and nothing where a list is always empty or a value always null. How long a text
 * or how large a number is does not matter here, so that an answer is never left whole because some other part of it is odd.
 */
function only(schemas: readonly TSchema[], value: unknown): unknown {
  if (schemas.some(KindGuard.IsUnion))
    return only(
      schemas.flatMap((s) => (KindGuard.IsUnion(s) ? s.anyOf : [s])),
      value,
    );
  if (Array.isArray(value)) {
    const items = [
      ...schemas.filter(KindGuard.IsArray).map((s) => s.items),
      ...schemas.filter(KindGuard.IsTuple).flatMap((s) => s.items ?? []),
    ];
    return items.every(KindGuard.IsNever) ? [] : value.map((inner) => only(items, inner));
  }
  if (typeof value === 'object' && value !== null) {
    if (schemas.some(KindGuard.IsUnknown)) return value;
    const namedSo = (name: string) => [
      ...schemas.filter(KindGuard.IsObject).flatMap((s) => s.properties[name] ?? []),
      ...schemas.filter(KindGuard.IsRecord).flatMap((s) => Object.values(s.patternProperties)),
    ];
    const named = Object.entries(value).map(([name, inner]) => ({ name, inner, of: namedSo(name) }));
    return Object.fromEntries(named.filter(({ of }) => of.length > 0).map(({ name, inner, of }) => [name, only(of, inner)]));
  }
  return schemas.every(KindGuard.IsNull) ? null : value;
}
