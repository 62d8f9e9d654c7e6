import { IntlMessageFormat } from 'intl-messageformat';
import { type Filled, type Plain } from './messages';
import { messageOf, type Words, wordsNow } from './words';

/** A message without parameters, one with them, and any. */
export type PlainKey = keyof Plain;
export type FilledKey = keyof Filled;
export type Key = PlainKey | FilledKey;

/** A message that is not said yet: on the wire, in a row, in a refusal. */
export interface Told {
  code: Key;
  params?: Readonly<Record<string, string | number | boolean | null>>;
}

const formats = new WeakMap<Words, Map<Key, IntlMessageFormat>>();

/** A message of the language that is spoken, as its parts; text where nothing in it is drawn. */
export function partsOf(key: Key, params?: Readonly<Record<string, unknown>>): unknown {
  const words = wordsNow();
  const message = messageOf(words, key);
  if (message === undefined) throw new RangeError(`No words are loaded for ${key}.`);
  if (typeof message === 'string') return message;
  const made = formats.get(words) ?? new Map<Key, IntlMessageFormat>();
  formats.set(words, made);
  const format = made.get(key) ?? new IntlMessageFormat(message, words.locale);
  made.set(key, format);
  return format.format(params as never);
}

/**
 * A sentence in the language that is spoken.
 * @example say('calendar.day', { daysBetween: 3 }) // 'day 3'
 */
export function say(key: PlainKey): string;
export function say<K extends FilledKey>(key: K, params: Filled[K]): string;
export function say(key: Key, params?: Readonly<Record<string, unknown>>): string {
  return partsOf(key, params) as string;
}

/** A sentence that somebody else says, in their own language. */
export function told(key: PlainKey): Told;
export function told<K extends FilledKey>(key: K, params: Filled[K]): Told;
export function told(code: Key, params?: Told['params']): Told {
  return params ? { code, params } : { code };
}

/** Says what was told. */
export const sayTold = ({ code, params }: Told): string => partsOf(code, params) as string;

/** What is wrong with a field, as the text that a validator carries: its code and parameters. */
export function fault(key: PlainKey): string;
export function fault<K extends FilledKey>(key: K, params: Filled[K]): string;
export function fault(code: Key, params?: Told['params']): string {
  return JSON.stringify(params ? { code, params } : { code });
}

const LONGEST_PARAM = 400;
const isParam = (value: unknown) =>
  value === null ||
  typeof value === 'number' ||
  typeof value === 'boolean' ||
  (typeof value === 'string' && value.length <= LONGEST_PARAM);

/** Whether what came from elsewhere is a message that is known, with all that stands in it. */
export function canBeSaid(given: unknown): given is Told {
  const { code, params, ...more } = (given ?? {}) as Record<string, unknown>;
  if (typeof code !== 'string' || Object.keys(more).length > 0) return false;
  if (params !== undefined && (typeof params !== 'object' || params === null || !Object.values(params).every(isParam)))
    return false;
  try {
    return typeof partsOf(code as Key, params as Told['params']) === 'string';
  } catch {
    return false;
  }
}

/** Says what is wrong with a field; a text of the validator’s own stays as it is. */
export function sayFault(text: string): string {
  const wrong = faultTold(text);
  return wrong ? sayTold(wrong) : text;
}

/** The other way round: what a validator was told; null for a text of the validator's own. */
export function faultTold(text: string): Told | null {
  return text.startsWith('{"code":') ? (JSON.parse(text) as Told) : null;
}
