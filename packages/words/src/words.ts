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

/** The words that are spoken now. */
export const wordsNow = (): Words => spoken();
