import { type Static, type TObject, type TProperties, type TSchema, Type } from '@sinclair/typebox';

/** An object with these fields and no other. */
export const shape = <P extends TProperties>(fields: P) => Type.Object(fields, { additionalProperties: false });

export const orNull = <T extends TSchema>(of: T) => Type.Union([of, Type.Null()]);

export const oneOf = <const T extends readonly string[]>(words: T) =>
  Type.Unsafe<T[number]>(Type.Union(words.map((word) => Type.Literal(word))));

type NamesIn<T> = T extends unknown ? keyof T : never;
type Same<A, T> = [A] extends [T] ? ([NamesIn<A>, NamesIn<T>] extends [NamesIn<T>, NamesIn<A>] ? unknown : never) : never;

/** A schema whose values are those of a type that stands elsewhere; a field of its own that one of the two has not is an error of types. */
export const like =
  <T>() =>
  <S extends TSchema>(schema: S & Same<Static<S>, T>) =>
    Type.Unsafe<T>(schema);

/** A message with what stands in it, said by whoever reads it. */
export const told = {
  code: Type.String(),
  params: Type.Optional(Type.Record(Type.String(), Type.Union([Type.String(), Type.Number(), Type.Boolean(), Type.Null()]))),
};

/** One object that has the fields of both. */
export const both = <A extends TProperties, B extends TProperties>(a: TObject<A>, b: TObject<B>) =>
  shape({ ...a.properties, ...b.properties } as A & B);

/** A list that is always empty: of whom that is no business. */
export const nothing = Type.Array(Type.Never(), { maxItems: 0 });
