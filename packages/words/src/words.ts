import type { MessageFormatElement } from '@formatjs/icu-messageformat-parser';

/** A message as it was compiled: plain text, or the parts of an ICU message. */
export type Message = string | MessageFormatElement[];

/** The words of one language, as far as they are loaded. */
export interface Words {
  /** How numbers, days and lists are written, as BCP 47: `en-GB`. */
  locale: string;
  messages: Readonly<Record<string, Message>>;
}

/** How numbers, days and lists are written in a language whose name does not say so. */
const LOCALES: Readonly<Record<string, string>> = { en: 'en-GB', 'en-XA': 'en-GB' };
export const localeOf = (language: string): string => LOCALES[language] ?? language;

const NONE: Words = { locale: 'en-GB', messages: {} };

let spoken: () => Words = () => NONE;

/** Says whose words are spoken from now on; a server answers each request in its own language. */
export function speak(words: () => Words): void {
  spoken = words;
}

/** As `en-GB` is written where the class measures in inches. */
export const AMERICAN = 'en-US';
let american = false;
const asInAmerica = new WeakMap<Words, Words>();

/** Spells and writes days as in America from now on, or no longer, where the two differ; of other languages it changes nothing. */
export function spellAmerican(so: boolean): void {
  american = so;
}

/** The same words spelt as in America; of other languages it changes nothing. */
export function speltAmerican(words: Words): Words {
  if (words.locale !== 'en-GB') return words;
  const there = asInAmerica.get(words);
  if (there) return there;
  const spelt = { ...words, locale: AMERICAN };
  asInAmerica.set(words, spelt);
  return spelt;
}

/** The words that are spoken now. */
export const wordsNow = (): Words => (american ? speltAmerican(spoken()) : spoken());

/** A message in the spelling of a locale; the same as any where nothing differs. */
export const messageOf = ({ locale, messages }: Words, key: string): Message | undefined =>
  (locale === AMERICAN ? messages[`${key}@${AMERICAN}`] : undefined) ?? messages[key];
