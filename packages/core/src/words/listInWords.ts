/**
 * Joins with commas and a last `and`.
 * @example listInWords(['A', 'B', 'C']) // 'A, B and C'
 */
export function listInWords(words: readonly string[]): string {
  return joined(words, 'and');
}

/**
 * Joins with commas and a last `or`.
 * @example oneOfInWords(['A', 'B', 'C']) // 'A, B or C'
 */
export function oneOfInWords(words: readonly string[]): string {
  return joined(words, 'or');
}

const joined = (words: readonly string[], last: string) =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} ${last} ${words[words.length - 1]}`;
