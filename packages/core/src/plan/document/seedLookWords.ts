import { spoken } from '@bright-sprout/words/spoken';
import { type SeedLook } from './planDocument';

/** As a choice is called, and what a class learns by it. */
export const SEED_LOOK_WORDS: Record<SeedLook, { name: string; about: string }> = {
  count: spoken({
    name: 'planning.countPacket',
    about: 'planning.manyLaterShareThem',
  }),
  sort: spoken({
    name: 'planning.sortThemSize',
    about: 'planning.seedsPacketAlike',
  }),
  measure: spoken({
    name: 'planning.measureThem',
    about: 'planning.tenEndEndBecause',
  }),
  weigh: spoken({
    name: 'planning.weighThem',
    about: 'planning.fiftyTogetherBecauseAlone',
  }),
  guess: spoken({
    name: 'planning.guessFirst',
    about: 'planning.heldAgainstHappens',
  }),
};
