import { say } from '@bright-sprout/words/say';
import { findingOf } from '@bright-sprout/core/measures/finding';
import { choiceWords, valueNumber } from '@bright-sprout/core/measures/findingWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type LogCell } from '@bright-sprout/core/readings/logRows';

const MARKS: Record<string, string> = {
  'not-up': 'n',
  lost: 'x',
  get thinned() {
    return say('log.thin');
  },
  get moved() {
    return say('log.moved');
  },
  'not-checked': '–',
};

/** What a look found of a measure, as it would be typed; a dot where it found something else. */
export function cellText(reading: LogCell['reading'] | null, measure: Measure, resolution: RulerResolution): string {
  if (!reading) return '';
  if (reading.state !== 'measured') return MARKS[reading.state] ?? '';
  const found = findingOf(reading, measure.code);
  if (found === null) return '·';
  return found.value === null ? choiceWords(measure, found.choice ?? '') : valueNumber(measure, found.value, { resolution });
}
