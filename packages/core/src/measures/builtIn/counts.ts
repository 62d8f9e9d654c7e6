import { type Measure, measure } from '../measure';

const OF_SOWN = {
  quantity: 'count-of',
  of: 'container',
  step: 1,
  least: 0,
  most: 1000,
  beyond: 'Seedlings are counted from 0, at most 1000 in a container.',
  summedUp: 'share-of-seeds',
  verb: 'had',
  plausibility: 'sown',
  drawn: 'sprouts',
} as const;

/** What is counted: leaves of a plant, seeds of a container. */
export const COUNTS: Measure[] = [
  measure({
    ...OF_SOWN,
    code: 'seeds-up',
    name: 'number of seeds up',
    question: (_band, { sprouted }) =>
      sprouted === 'seed-leaves' ? 'How many have their seed leaves open?' : 'How many are up?',
    more: 'more of its seeds up',
    less: 'fewer of its seeds up',
    noun: ['up', 'up'],
  }),
  measure({
    ...OF_SOWN,
    code: 'seeds-with-root',
    name: 'number of seeds with a root',
    question: () => 'How many have a root?',
    more: 'more of its seeds with a root',
    less: 'fewer of its seeds with a root',
    noun: ['with a root', 'with a root'],
  }),
  measure({
    code: 'leaves',
    name: 'number of leaves',
    question: () => 'How many leaves?',
    quantity: 'count',
    of: 'plant',
    step: 1,
    least: 0,
    most: 99,
    beyond: 'Leaves are counted from 0 to 99.',
    summedUp: 'mean',
    more: 'fuller in leaf',
    less: 'sparser in leaf',
    noun: ['leaf', 'leaves'],
    plausibility: 'none',
    drawn: 'leaves',
  }),
];

/** The two ways of counting sprouted seeds. */
export const SEED_COUNTS = ['seeds-up', 'seeds-with-root'] as const;

export const isSeedCount = (code: string): boolean => SEED_COUNTS.some((c) => c === code);
