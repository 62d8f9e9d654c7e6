import { AMERICAN, spellAmerican } from '@bright-sprout/words/words';
import { known, loadWords, WORDS_PARTS } from './loadWords';

// A worker is named after the language and the spelling of the page that started it (see wordsOfPage).
const [language, spelling] = self.name.split(' ');
const words = Promise.all(WORDS_PARTS.map((part) => loadWords(known(language ?? null), part)));
spellAmerican(spelling === AMERICAN);

/** Answers once the words are there, in the order in which it was asked. */
export const onceWorded =
  <Asked>(answer: (event: MessageEvent<Asked>) => void) =>
  (event: MessageEvent<Asked>): void =>
    void words.then(() => answer(event));
