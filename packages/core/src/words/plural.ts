import { say } from '@bright-sprout/words/say';

/** Things that are counted; what one and several of them are called stands in the catalogue. */
const NOUNS = [
  'bag',
  'box',
  'cell',
  'cellTray',
  'check',
  'class',
  'container',
  'cup',
  'day',
  'entry',
  'investigation',
  'jar',
  'leaf',
  'number',
  'packet',
  'pan',
  'pane',
  'picture',
  'plan',
  'plant',
  'pot',
  'prediction',
  'reading',
  'row',
  'section',
  'seed',
  'sill',
  'sponge',
  'stroke',
  'tablet',
  'team',
  'tray',
  'treatment',
  'week',
] as const;
export type Noun = (typeof NOUNS)[number];

/** What so many of a thing are called. @example nounOf('box', 2) // 'boxes' */
export const nounOf = (noun: Noun, n = 1): string => say(`nouns.${noun}`, { n });

/** The thing that is meant, be it by its code or by its word in the language that is spoken. */
function meant(noun: string): Noun {
  const found = NOUNS.find((n) => n === noun) ?? NOUNS.find((n) => nounOf(n) === noun);
  if (!found) throw new RangeError(`There is no noun “${noun}” in the catalogue.`);
  return found;
}

/**
 * Several of a thing: `cups`, `boxes`, `entries`.
 * @param noun its code, or its word in the language that is spoken
 * @example plural('box') // 'boxes'
 */
export const plural = (noun: string): string => nounOf(meant(noun), 2);

/**
 * A number with its thing: `1 cup`, `28 boxes`.
 * @example counted(1, 'box') // '1 box'
 */
export const counted = (n: number, noun: string): string => `${n} ${nounOf(meant(noun), n)}`;
