import { decimal, figures } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { formatLength, formatLengthNumber, RESOLUTION_UNIT, type RulerResolution } from '../quantities/length';
import { type Measure } from './measure';

// Summaries are means, shares and middle ranks: they carry a digit more than single findings.

const fine = (resolution: RulerResolution): RulerResolution => (resolution === 'quarter-in' ? 'quarter-in' : 'mm');
const onRuler = (measure: Measure) => measure.quantity === 'length' && measure.byRuler;

/** Unit of a summary: the ruler's, `%` of the seeds, the stored one, or none. */
export function summaryUnit(measure: Measure, resolution: RulerResolution): string {
  if (onRuler(measure)) return RESOLUTION_UNIT[resolution];
  return measure.summedUp === 'share-of-seeds' ? '%' : measure.unit;
}

/** A summary in its unit as a plain number, for charts and files. */
export function summaryValue(measure: Measure, value: number, resolution: RulerResolution): number {
  if (!onRuler(measure)) return Number(value.toPrecision(12));
  return Number((value / (RESOLUTION_UNIT[resolution] === 'in' ? 25.4 : 10)).toFixed(6));
}

/** The number of a summary: `13.9`, `62`, `3.4`, `1.24`. */
export function summaryNumber(measure: Measure, value: number, resolution: RulerResolution): string {
  if (onRuler(measure)) return formatLengthNumber(value, fine(resolution));
  return measure.summedUp === 'share-of-seeds' || measure.quantity === 'share' ? decimal(value, 0) : byStep(measure, value);
}

/** One digit more than single values of the measure have; where it has no step, three that count. */
function byStep({ step }: Measure, value: number): string {
  if (step === null) return figures(value, 3);
  return decimal(value, Math.max(0, Math.ceil(-Math.log10(step) - 1e-9)) + 1);
}

/** A summary with its unit: `13.9 cm`, `62 % of its seeds`, `3.4 leaves`; an ordered choice by the words nearest to it. */
export function summaryWords(measure: Measure, value: number, resolution: RulerResolution): string {
  if (onRuler(measure)) return formatLength(value, fine(resolution));
  if (measure.summedUp === 'order') return measure.choices[Math.round(value) - 1]?.words ?? '';
  const number = summaryNumber(measure, value, resolution);
  if (measure.summedUp === 'share-of-seeds') return `${number} %`;
  if (measure.noun) return `${number} ${measure.noun[1]}`;
  return measure.unit === '' ? number : `${number} ${measure.unit}`;
}

/**
 * The size of a difference between two summaries, without its direction: `8.0 cm`, `20 of 100 seeds`, `1.5 leaves`; empty for
 * ranks, whose steps have no size.
 */
export function differenceWords(measure: Measure, difference: number, resolution: RulerResolution): string {
  const size = Math.abs(difference);
  if (measure.summedUp === 'order') return '';
  if (measure.summedUp === 'share-of-seeds')
    return say('measures.ofSeeds', { summaryNumber: summaryNumber(measure, size, resolution) });
  if (measure.quantity === 'share') return say('measures.pointsOf', { summaryNumber: summaryNumber(measure, size, resolution) });
  return summaryWords(measure, size, resolution);
}
