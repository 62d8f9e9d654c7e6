/**
 * Joins with commas and a last `and`.
 * @example listInWords(['A', 'B', 'C']) // 'A, B and C'
 */
export function listInWords(words: readonly string[]): string {
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
}
