/** Words with a capital letter at their beginning. */
export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
