import { say } from '@bright-sprout/words/say';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';

/** How fine the ruler is read, in words. */
export const RESOLUTION_WORDS: Record<RulerResolution, string> = {
  get cm() {
    return say('entry.wholeCentimetre');
  },
  get 'half-cm'() {
    return say('entry.halfCentimetre');
  },
  get mm() {
    return say('entry.millimetre');
  },
  get 'quarter-in'() {
    return say('entry.quarterInch');
  },
};
