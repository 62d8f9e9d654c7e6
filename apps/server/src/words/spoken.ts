import { AsyncLocalStorage } from 'node:async_hooks';
import { LANGUAGES, readWords } from '@bright-sprout/words/readWords';
import { speak, type Words } from '@bright-sprout/words/words';
import { type NextFunction, type Request, type Response } from 'express';

const asked = new AsyncLocalStorage<string>();
const read = new Map<string, Words>();

function wordsOf(language: string): Words {
  const words = read.get(language) ?? readWords(language);
  read.set(language, words);
  return words;
}

/** From here on everything is said in the language of whoever asked, or in English. */
export function speakAsAsked(): void {
  speak(() => wordsOf(asked.getStore() ?? 'en'));
}

/** Hears in which language somebody asks. */
export function hearLanguage(request: Request, _response: Response, next: NextFunction): void {
  const wished = request.acceptsLanguages(...LANGUAGES);
  asked.run(wished || 'en', next);
}
