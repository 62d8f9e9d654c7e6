import { type CareKind } from './careTasks';

/** What was done, as it is told afterwards. */
export const CARE_WORDS: Record<CareKind, string> = {
  'sowing-step': 'sowing step',
  water: 'watered',
  turn: 'turned',
  light: 'other light',
  vent: 'air let in',
  thin: 'thinned',
  transplant: 'transplanted',
  harden: 'hardened off',
  'bring-in': 'brought in',
  'before-leaving': 'made ready for days alone',
};
