import { say } from '@bright-sprout/words/say';
import { type SeedLook } from './planDocument';

/** As a choice is called, and what a class learns by it. */
export const SEED_LOOK_WORDS: Record<SeedLook, { name: string; about: string }> = {
  count: {
    get name() {
      return say('planning.countPacket');
    },
    get about() {
      return say('planning.manyLaterShareThem');
    },
  },
  sort: {
    get name() {
      return say('planning.sortThemSize');
    },
    get about() {
      return say('planning.seedsPacketAlike');
    },
  },
  measure: {
    get name() {
      return say('planning.measureThem');
    },
    get about() {
      return say('planning.tenEndEndBecause');
    },
  },
  weigh: {
    get name() {
      return say('planning.weighThem');
    },
    get about() {
      return say('planning.fiftyTogetherBecauseAlone');
    },
  },
  guess: {
    get name() {
      return say('planning.guessFirst');
    },
    get about() {
      return say('planning.heldAgainstHappens');
    },
  },
};
