import fc from 'fast-check';
import { v7 } from 'uuid';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** What people and programs send in place of what was asked for. */
const HOSTILE: Json[] = [
  null,
  true,
  [],
  [[]],
  {},
  '',
  ' ',
  0,
  -1,
  1e308,
  1.5,
  2 ** 53,
  'x'.repeat(70),
  'x'.repeat(5000),
  '\u0000',
  '\ud800',
  '😀'.repeat(70),
  '2026-02-31',
  '2026-W01-1',
  '0000-00-00',
  '9999-12-31',
  '+010000-01-01T00:00:00Z',
  '1e999',
  '=1+1',
  "'; DROP TABLE reading; --",
  '__proto__',
  v7(),
  'not-a-uuid',
];

/** Every place in a body, as keys from its root. */
export function placesOf(value: Json, at: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [at];
  const keys = Array.isArray(value) ? value.map((_, i) => i) : Object.keys(value);
  return [at, ...keys.flatMap((key) => placesOf((value as Record<string | number, Json>)[key]!, [...at, key]))];
}

export function withAt(value: Json, [key, ...rest]: (string | number)[], put: Json | undefined): Json | undefined {
  if (key === undefined) return put;
  const copy = (Array.isArray(value) ? [...value] : { ...(value as object) }) as Record<string | number, Json>;
  const inner = withAt(copy[key]!, rest, put);
  if (inner === undefined) delete copy[key];
  else copy[key] = inner;
  return copy as Json;
}

export const mutation = fc.record({
  place: fc.nat(),
  put: fc.oneof({ weight: 6, arbitrary: fc.constantFrom(...HOSTILE) }, { weight: 1, arbitrary: fc.constant(undefined) }),
  extra: fc.option(fc.constantFrom('constructor', 'id', 'admin', 'toString'), { freq: 6 }),
});
