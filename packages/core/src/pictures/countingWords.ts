import { type GreenIndex } from './greenness';

/** The two ways of telling green, by their names. */
export const INDEX_WORDS: Record<GreenIndex, string> = {
  'excess-green': 'excess green',
  'excess-green-minus-red': 'excess green minus excess red',
};

/** How something was counted, as it stands on record. @param mended a hand put something right in it */
export function methodWords(index: GreenIndex, version: number, mended = false): string {
  return `${INDEX_WORDS[index]}, version ${version}${mended ? ', mended by hand' : ''}`;
}
