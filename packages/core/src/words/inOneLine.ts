/** Sentences one after the other; those that are empty are left out. */
export const inOneLine = (...sentences: readonly string[]): string => sentences.filter((s) => s !== '').join(' ');
