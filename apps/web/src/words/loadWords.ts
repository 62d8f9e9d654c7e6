import { localeOf, type Message, speak, type Words } from '@bright-sprout/words/words';

/** What a team’s device says before its first tap, what its other pages add, and what those of a teacher add. */
export const WORDS_PARTS = ['bench', 'team', 'teacher'] as const;
export type WordsPart = (typeof WORDS_PARTS)[number];

const FILES = import.meta.glob<Record<string, Message>>('../../../../packages/words/compiled/*/*.json', { import: 'default' });
const fileOf = (language: string, part: WordsPart) => FILES[`../../../../packages/words/compiled/${language}/${part}.json`];

const loaded = new Map<string, Promise<void>>();
let words: Words = { locale: localeOf('en'), messages: {} };

/** Loads a part of a language and speaks it from then on; asked for again it is there already. */
export function loadWords(language: string, part: WordsPart): Promise<void> {
  const key = `${language} ${part}`;
  const there = loaded.get(key);
  if (there) return there;
  const loading = (async () => {
    const messages = await fileOf(language, part)!();
    words = { locale: localeOf(language), messages: { ...words.messages, ...messages } };
    speak(() => words);
  })();
  loaded.set(key, loading);
  // What could not be loaded is asked for again.
  loading.catch(() => loaded.delete(key));
  return loading;
}

/** A language whose words are here; English for any other. */
export const known = (language: string | null): string => (language && fileOf(language, 'bench') ? language : 'en');
