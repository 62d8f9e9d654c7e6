import { type PlainKey, say } from './say';

/**
 * Names by code, in the language that is spoken when somebody reads them, not when the file is loaded.
 * @example spoken({ cm: 'units.centimetres', mm: 'units.millimetres' }).cm
 */
export const spoken = <K extends string>(keys: Record<K, PlainKey>): Record<K, string> =>
  Object.defineProperties(
    {},
    Object.fromEntries(Object.entries<PlainKey>(keys).map(([code, key]) => [code, { enumerable: true, get: () => say(key) }])),
  ) as Record<K, string>;
