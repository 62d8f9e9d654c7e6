import { wordsNow } from '@bright-sprout/words/words';

/**
 * Joins with commas and a last `and`.
 * @example listInWords(['A', 'B', 'C']) // 'A, B and C'
 */
export function listInWords(words: readonly string[]): string {
  return joined(words, 'conjunction');
}

/**
 * Joins with commas and a last `or`.
 * @example oneOfInWords(['A', 'B', 'C']) // 'A, B or C'
 */
export function oneOfInWords(words: readonly string[]): string {
  return joined(words, 'disjunction');
}

const joined = (words: readonly string[], type: 'conjunction' | 'disjunction') =>
  new Intl.ListFormat(wordsNow().locale, { type }).format(words);
