import { decimal, figures } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { formatLength, formatLengthNumber, RESOLUTION_UNIT, type RulerResolution } from '../quantities/length';
import { type Finding } from './finding';
import { type Measure } from './measure';

/** What the words for a value depend on. */
export interface Shown {
  resolution: RulerResolution;
  /** Seeds of the container, for counts out of them. */
  sown?: number;
}

const DIGITS: Partial<Record<Measure['quantity'], number>> = { count: 0, 'count-of': 0, share: 0 };

/** Decimals that a measure's step carries. */
function digitsOf({ quantity, step }: Measure): number {
  if (step === null) return DIGITS[quantity] ?? 6;
  return Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
}

/** The number alone, as the class writes it; a length in the ruler's unit. */
export function valueNumber(measure: Measure, value: number, { resolution }: Shown): string {
  if (measure.quantity === 'length' && measure.byRuler) return formatLengthNumber(value, resolution);
  const digits = digitsOf(measure);
  return digits === 6 ? figures(value, 6) : decimal(value, digits);
}

/** The unit beside it: `cm`, `g`, `%`; empty for counts. */
export function shownUnit(measure: Measure, { resolution }: Shown): string {
  return measure.quantity === 'length' && measure.byRuler ? RESOLUTION_UNIT[resolution] : measure.unit;
}

/** A value by itself: `16.0 cm`, `3 leaves`, `3 of 4 up`, `62 %`, `pH 6.4`. */
export function valueWords(measure: Measure, value: number, shown: Shown): string {
  if (measure.quantity === 'length' && measure.byRuler) return formatLength(value, shown.resolution);
  const number = valueNumber(measure, value, shown);
  if (measure.quantity === 'count-of') {
    const count = shown.sown === undefined ? number : say('measures.countOfSown', { number, sown: shown.sown });
    return measure.noun ? `${count} ${measure.noun[1]}` : count;
  }
  if (measure.noun) return `${number} ${measure.noun[value === 1 ? 0 : 1]}`;
  if (measure.unit === 'pH') return say('measures.phNumber', { number });
  return measure.unit === '' ? number : `${number} ${measure.unit}`;
}

/** What was chosen, in words; its code where the choice is not known any more. */
export function choiceWords(measure: Measure, choice: string): string {
  return measure.choices.find((c) => c.code === choice)?.words ?? choice;
}

/** What was found, without the measure's name. */
export function findingWords(measure: Measure, { value, choice }: Finding, shown: Shown): string {
  return value === null ? choiceWords(measure, choice ?? '') : valueWords(measure, value, shown);
}

/** What was found, so that it can stand beside other findings: with the measure's name where its words do not say it. */
export function namedFinding(measure: Measure, finding: Finding, shown: Shown): string {
  const words = findingWords(measure, finding, shown);
  const speaks = measure.code === 'height' || measure.noun !== null || measure.unit === 'pH' || measure.drawn !== 'bar';
  return speaks && measure.drawn !== 'root' ? words : `${measure.name} ${words}`;
}
