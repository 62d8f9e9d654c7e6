import { say } from '@bright-sprout/words/say';
import { type Measure, measure, measureLike } from '../measure';

const OF_SOWN = {
  quantity: 'count-of',
  of: 'container',
  step: 1,
  least: 0,
  most: 1000,
  get beyond() {
    return say('measures.seedlingsCountedMostContainer');
  },
  summedUp: 'share-of-seeds',
  verb: 'had',
  plausibility: 'sown',
  drawn: 'sprouts',
} as const;

/** What is counted: leaves of a plant, seeds of a container. */
export const COUNTS: Measure[] = [
  measureLike(OF_SOWN, {
    code: 'seeds-up',
    get name() {
      return say('measures.numberSeeds');
    },
    question: (_band, { sprouted }) =>
      sprouted === 'seed-leaves' ? say('measures.manySeedLeavesOpen') : say('measures.howManyAreUp'),
    get more() {
      return say('measures.moreSeeds');
    },
    get less() {
      return say('measures.fewerSeeds');
    },
    get noun() {
      return [say('measures.up'), say('measures.up')] as const;
    },
  }),
  measureLike(OF_SOWN, {
    code: 'seeds-with-root',
    get name() {
      return say('measures.numberSeedsRoot');
    },
    question: () => say('measures.manyRoot'),
    get more() {
      return say('measures.moreSeedsRoot');
    },
    get less() {
      return say('measures.fewerSeedsRoot');
    },
    get noun() {
      return [say('measures.withARoot'), say('measures.withARoot')] as const;
    },
  }),
  measure({
    code: 'leaves',
    get name() {
      return say('measures.numberLeaves');
    },
    question: () => say('measures.manyLeaves'),
    quantity: 'count',
    of: 'plant',
    step: 1,
    least: 0,
    most: 99,
    get beyond() {
      return say('measures.leavesCounted');
    },
    summedUp: 'mean',
    get more() {
      return say('measures.fullerLeaf');
    },
    get less() {
      return say('measures.sparserLeaf');
    },
    get noun() {
      return [say('measures.leaf'), say('measures.leaves')] as const;
    },
    plausibility: 'none',
    drawn: 'leaves',
  }),
];

/** The two ways of counting sprouted seeds. */
export const SEED_COUNTS = ['seeds-up', 'seeds-with-root'] as const;

export const isSeedCount = (code: string): boolean => SEED_COUNTS.some((c) => c === code);
