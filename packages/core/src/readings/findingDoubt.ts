import { say } from '@bright-sprout/words/say';
import { type Measure } from '../measures/measure';
import { valueWords, type Shown } from '../measures/findingWords';
import { type DoubtKind, type Intent } from './doubtKinds';

/** What makes one ask about a value that is no height. */
export interface FindingDoubt {
  measure: string;
  kind: Extract<DoubtKind, 'decimal-point' | 'shrank' | 'more-than-sown'>;
  question: string;
  intents: Intent[];
}

/** A value this many times the last one, or this share of it, looks like a point in the wrong place. */
const SLIP = { least: 7, most: 14 };
/** What only rises may fall by as much as reading it twice does. */
const FALL = 0.1;

/**
 * The one question that a value of a measure raises beside what was found of it before, or null. Thresholds are wide: a mass
 * or a length may well double between two looks, but not grow tenfold.
 * @param before the last value of the same plant or container, in the stored unit
 * @param shown says how many seeds were sown, for counts out of them
 */
export function doubtAboutFinding(measure: Measure, value: number, before: number | null, shown: Shown): FindingDoubt | null {
  const words = valueWords(measure, value, shown);
  const doubt = (kind: FindingDoubt['kind'], question: string, intents: Intent[]): FindingDoubt => ({
    measure: measure.code,
    kind,
    question,
    intents,
  });
  if (measure.plausibility === 'sown')
    return shown.sown !== undefined && value > shown.sown
      ? doubt('more-than-sown', say('readings.althoughSownWeedAmong', { value, sown: shown.sown }), [
          'other-seedling',
          'really-so',
        ])
      : null;
  if ((measure.plausibility !== 'slip' && measure.plausibility !== 'rises') || before === null || before <= 0 || value <= 0)
    return null;
  const last = valueWords(measure, before, shown);
  const ratio = Math.max(value / before, before / value);
  if (ratio >= SLIP.least && ratio <= SLIP.most)
    return doubt('decimal-point', say('readings.lastTimePointRight', { words, last }), [
      'decimal-point',
      'measured-again',
      'really-so',
    ]);
  if (measure.plausibility === 'rises' && value < before * (1 - FALL))
    return doubt('shrank', say('readings.lastTimeItShrank', { last, value: words }), [
      'broken',
      'other-seedling',
      'measured-again',
      'really-so',
    ]);
  return null;
}
