import { spoken } from '@bright-sprout/words/spoken';
import { type CareKind } from './careTasks';

/** What was done, as it is told afterwards. */
export const CARE_WORDS: Record<CareKind, string> = spoken({
  'sowing-step': 'care.sowingStep',
  water: 'care.watered',
  turn: 'care.turned',
  light: 'care.otherLight',
  vent: 'care.airLet',
  thin: 'care.thinned',
  transplant: 'care.transplanted',
  harden: 'care.hardenedOff',
  'bring-in': 'care.broughtIn',
  'before-leaving': 'care.madeReadyDaysAlone',
});
