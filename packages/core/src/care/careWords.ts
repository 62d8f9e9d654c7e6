import { say } from '@bright-sprout/words/say';
import { type CareKind } from './careTasks';

/** What was done, as it is told afterwards. */
export const CARE_WORDS: Record<CareKind, string> = {
  get 'sowing-step'() {
    return say('care.sowingStep');
  },
  get water() {
    return say('care.watered');
  },
  get turn() {
    return say('care.turned');
  },
  get light() {
    return say('care.otherLight');
  },
  get vent() {
    return say('care.airLet');
  },
  get thin() {
    return say('care.thinned');
  },
  get transplant() {
    return say('care.transplanted');
  },
  get harden() {
    return say('care.hardenedOff');
  },
  get 'bring-in'() {
    return say('care.broughtIn');
  },
  get 'before-leaving'() {
    return say('care.madeReadyDaysAlone');
  },
};
