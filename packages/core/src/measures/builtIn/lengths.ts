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
    beyond: 'A height is more than 0 and at most 10 metres. If nothing is up yet, choose “Not up yet”.',
    more: 'taller',
    less: 'shorter',
    plausibility: 'growth',
    entry: 'ruler',
    drawn: 'height',
  }),
  measure({
    ...RULED,
    code: 'root-length',
    name: 'length of the longest root',
    question: (band) => (band === 'early' ? 'How long is the root?' : 'How long is the longest root?'),
    of: 'plant',
    least: 0,
    most: 2000,
    beyond: 'A root length is from 0 to 2 metres.',
    more: 'longer in the root',
    less: 'shorter in the root',
    plausibility: 'rises',
    drawn: 'root',
  }),
  measure({
    ...RULED,
    code: 'leaf-length',
    name: 'length of the longest leaf',
    question: () => 'How long is the longest leaf?',
    of: 'plant',
    least: 0,
    most: 3000,
    beyond: 'A leaf length is from 0 to 3 metres.',
    more: 'longer in the leaf',
    less: 'shorter in the leaf',
    plausibility: 'rises',
  }),
];
