import { known, loadWords, WORDS_PARTS } from './loadWords';

// A worker is named after the language of the page that started it.
const language = known(self.name);
const words = Promise.all(WORDS_PARTS.map((part) => loadWords(language, part)));

/** Answers once the words are there, in the order in which it was asked. */
export const onceWorded =
  <Asked>(answer: (event: MessageEvent<Asked>) => void) =>
  (event: MessageEvent<Asked>): void =>
    void words.then(() => answer(event));
