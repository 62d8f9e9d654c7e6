import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { GREEN_INDICES, type GreenIndex } from './greenness';

/** The two ways of telling green, by their names. */
export const INDEX_WORDS: Record<GreenIndex, string> = spoken({
  'excess-green': 'pictures.excessGreen',
  'excess-green-minus-red': 'pictures.excessGreenMinusExcess',
});

/** How something was counted, as it stands on record: `excess-green/1`. @param mended a hand put something right in it */
export function countingMethod(index: GreenIndex, version: number, mended = false): string {
  return `${index}/${version}${mended ? '+hand' : ''}`;
}

/** A method on record in words; one that is not known here stays as it was written. */
export function methodWords(method: string): string {
  const found = /^([a-z-]+)\/(\d+)(\+hand)?$/.exec(method);
  if (!found) return method;
  const [, name, version, hand] = found;
  if (name === 'ruler') return say('pictures.rulerPictureVersion', { version: version! });
  const index = GREEN_INDICES.find((i) => i === name);
  return index
    ? say('pictures.versionMendedHand', { indexWords: INDEX_WORDS[index], version: version!, mended: hand !== undefined })
    : method;
}
