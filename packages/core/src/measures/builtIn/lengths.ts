import { say } from '@bright-sprout/words/say';
import { type Measure, measureLike } from '../measure';

const RULED = { quantity: 'length', unit: 'mm', shownIn: ['cm', 'mm', 'in'], byRuler: true, summedUp: 'mean' } as const;

/** No plant of a class is taller, mm. */
export const TALLEST_MM = 10_000;

/** What a ruler reads. */
export const LENGTHS: Measure[] = [
  measureLike(RULED, {
    code: 'height',
    get name() {
      return say('measures.height');
    },
    question: (band, { habit }) => (band === 'early' ? say('measures.howTallIsIt') : say('measures.tallLongestTip', { habit })),
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
  measureLike(RULED, {
    code: 'root-length',
    get name() {
      return say('measures.lengthLongestRoot');
    },
    question: (band) => (band === 'early' ? say('measures.longRoot') : say('measures.longLongestRoot')),
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
  measureLike(RULED, {
    code: 'leaf-length',
    get name() {
      return say('measures.lengthLongestLeaf');
    },
    question: () => say('measures.longLongestLeaf'),
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
