import { type SeedLook } from './planDocument';

/** As a choice is called, and what a class learns by it. */
export const SEED_LOOK_WORDS: Record<SeedLook, { name: string; about: string }> = {
  count: { name: 'count a packet', about: 'How many there are, and later what share of them came up.' },
  sort: { name: 'sort them by size', about: 'Seeds of one packet are not alike.' },
  measure: { name: 'measure them', about: 'Ten end to end, because one alone is too short to read.' },
  weigh: { name: 'weigh them', about: 'Fifty together, because one alone is too light.' },
  guess: { name: 'guess which is up first', about: 'Held against what happens.' },
};
