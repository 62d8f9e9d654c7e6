import { say } from '@bright-sprout/words/say';
import { type GreenIndex } from './greenness';

/** The two ways of telling green, by their names. */
export const INDEX_WORDS: Record<GreenIndex, string> = {
  get 'excess-green'() {
    return say('pictures.excessGreen');
  },
  get 'excess-green-minus-red'() {
    return say('pictures.excessGreenMinusExcess');
  },
};

/** How something was counted, as it stands on record. @param mended a hand put something right in it */
export function methodWords(index: GreenIndex, version: number, mended = false): string {
  return say('pictures.versionMendedHand', { indexWords: INDEX_WORDS[index], version, mended });
}
