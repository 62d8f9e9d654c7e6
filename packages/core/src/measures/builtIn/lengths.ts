import { say } from '@bright-sprout/words/say';
import { type Measure, measure } from '../measure';

const RULED = { quantity: 'length', unit: 'mm', shownIn: ['cm', 'mm', 'in'], byRuler: true, summedUp: 'mean' } as const;

/** No plant of a class is taller, mm. */
export const TALLEST_MM = 10_000;

/** What a ruler reads. */
export const LENGTHS: Measure[] = [
  measure({
    ...RULED,
    code: 'height',
    name: 'height',
    question: (band, { habit }) =>
      band === 'early' ? 'How tall is it?' : `How tall is it${habit === 'grass' ? ', to the longest tip' : ''}?`,
    of: 'plant',
    least: 0,
    most: TALLEST_MM,
    get beyond() {
      return say('measures.heightMoreMostMetres');
    },
    get more() {
      return say('measures.taller');
    },
    get less() {
      return say('measures.shorter');
    },
    plausibility: 'growth',
    entry: 'ruler',
    drawn: 'height',
  }),
  measure({
    ...RULED,
    code: 'root-length',
    get name() {
      return say('measures.lengthLongestRoot');
    },
    question: (band) => (band === 'early' ? 'How long is the root?' : 'How long is the longest root?'),
    of: 'plant',
    least: 0,
    most: 2000,
    get beyond() {
      return say('measures.rootLengthMetres');
    },
    get more() {
      return say('measures.longerRoot');
    },
    get less() {
      return say('measures.shorterRoot');
    },
    plausibility: 'rises',
    drawn: 'root',
  }),
  measure({
    ...RULED,
    code: 'leaf-length',
    get name() {
      return say('measures.lengthLongestLeaf');
    },
    question: () => 'How long is the longest leaf?',
    of: 'plant',
    least: 0,
    most: 3000,
    get beyond() {
      return say('measures.leafLengthMetres');
    },
    get more() {
      return say('measures.longerLeaf');
    },
    get less() {
      return say('measures.shorterLeaf');
    },
    plausibility: 'rises',
  }),
];
