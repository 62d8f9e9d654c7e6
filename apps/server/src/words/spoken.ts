import { AsyncLocalStorage } from 'node:async_hooks';
import { LANGUAGES, readWords } from '@bright-sprout/words/readWords';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { speak, speltAmerican, type Words } from '@bright-sprout/words/words';
import { type NextFunction, type Request, type Response } from 'express';

/** In which language somebody asks, and how the class that they ask about spells. */
interface Asked {
  language: string;
  american: boolean;
}

const asked = new AsyncLocalStorage<Asked>();
const read = new Map<string, Words>();

function wordsOf(language: string): Words {
  const words = read.get(language) ?? readWords(language);
  read.set(language, words);
  return words;
}

/** From here on everything is said in the language of whoever asked, or in English. */
export function speakAsAsked(): void {
  speak(() => {
    const { language, american } = asked.getStore() ?? { language: 'en', american: false };
    return american ? speltAmerican(wordsOf(language)) : wordsOf(language);
  });
}

/** The rest of this answer is spelt as its class does: as in America where its rulers show inches. */
export function spellAs(ruler: RulerResolution): void {
  const asking = asked.getStore();
  if (asking) asking.american = ruler === 'quarter-in';
}

/** Hears in which language somebody asks. */
export function hearLanguage(request: Request, _response: Response, next: NextFunction): void {
  const wished = request.acceptsLanguages(...LANGUAGES);
  asked.run({ language: wished || 'en', american: false }, next);
}
