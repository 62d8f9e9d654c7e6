import { type RulerResolution } from '@bright-sprout/core/quantities/length';

/** How fine the ruler is read, in words. */
export const RESOLUTION_WORDS: Record<RulerResolution, string> = {
  cm: 'whole centimetre',
  'half-cm': 'half centimetre',
  mm: 'millimetre',
  'quarter-in': 'quarter inch',
};
