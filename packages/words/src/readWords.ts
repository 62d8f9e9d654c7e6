import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { localeOf, type Message, type Words } from './words';

/** Languages whose words are compiled; the second is English made longer and accented, to see what is no message. */
export const LANGUAGES = ['en', 'en-XA'];

/** All words of a language, from the files that were compiled from its catalogues; for a server and for tests. */
export function readWords(language: string): Words {
  const part = (name: string) =>
    JSON.parse(readFileSync(join(__dirname, '..', 'compiled', language, `${name}.json`), 'utf8')) as Record<string, Message>;
  return { locale: localeOf(language), messages: { ...part('bench'), ...part('team'), ...part('teacher') } };
}
