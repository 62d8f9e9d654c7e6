import { wordsNow } from '@bright-sprout/words/words';

/**
 * A whole number as it is written in the language that is spoken, with its thousands set apart.
 * @example numberInWords(10000) // '10,000'
 */
export const numberInWords = (value: number): string => new Intl.NumberFormat(wordsNow().locale).format(Math.round(value));
