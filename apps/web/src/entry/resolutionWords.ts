import { spoken } from '@bright-sprout/words/spoken';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';

/** How fine the ruler is read, in words. */
export const RESOLUTION_WORDS: Record<RulerResolution, string> = spoken({
  cm: 'entry.wholeCentimetre',
  'half-cm': 'entry.halfCentimetre',
  mm: 'entry.millimetre',
  'quarter-in': 'entry.quarterInch',
});
