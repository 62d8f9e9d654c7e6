import { applyDecorators, SetMetadata } from '@nestjs/common';
import { ApiOkResponse } from '@nestjs/swagger';
import { type Static, type TSchema, Type } from '@sinclair/typebox';

const ALLOWED = 'allowed-fields';

/** Every schema that a route answers by, under its name: the description of the API tells them. */
export const ANSWERS = new Map<string, TSchema>();

type Handler<T> = (...args: never[]) => T | undefined | Promise<T | undefined>;
type Answering<T> = <H extends Handler<T>>(target: object, name: string, descriptor: TypedPropertyDescriptor<H>) => void;

/** What the route answers with: these fields and no other. @example @Answers({ ClassView }) */
export function Answers<S extends TSchema>(named: Record<string, S>): Answering<Static<S>> {
  const [name, schema] = theOne(named);
  return answering(schema, { $ref: `#/components/schemas/${name}` });
}

/** The same, where the route answers with a list. */
export function AnswersList<S extends TSchema>(named: Record<string, S>): Answering<Static<S>[]> {
  const [name, schema] = theOne(named);
  return answering(Type.Array(schema), { type: 'array', items: { $ref: `#/components/schemas/${name}` } });
}

/** The schema of a route; undefined where it answers with nothing, or with a file. */
export const allowedOf = (handler: object): TSchema | undefined => Reflect.getMetadata(ALLOWED, handler) as TSchema | undefined;

function theOne<S extends TSchema>(named: Record<string, S>): [string, S] {
  const [one] = Object.entries(named);
  ANSWERS.set(...one!);
  return one!;
}

function answering(schema: TSchema, described: object) {
  return applyDecorators(SetMetadata(ALLOWED, schema), ApiOkResponse({ schema: described }));
}
