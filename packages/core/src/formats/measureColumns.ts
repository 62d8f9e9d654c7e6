import { say } from '@bright-sprout/words/say';
import { type Measure } from '../measures/measure';
import { type OwnMeasure } from '../measures/ownMeasure';
import { BUILT_IN, measureOf } from '../measures/registry';

/** Height and leaves have columns of their own since the first files. */
const OF_OLD = ['height', 'leaves'];

/** `fresh mass (g)`, `stage`: what a measure's column is called in a file. */
export function headingOf({ name, unit }: Measure): string {
  return unit === '' ? name : `${name} (${unit})`;
}

export const typedHeadingOf = (measure: Measure) => say('formats.asTyped', { headingOf: headingOf(measure) });

/** The measures of a file beside height and leaves, in the order in which they are asked. */
export function columnMeasures(codes: ReadonlySet<string>, own: readonly OwnMeasure[]): Measure[] {
  const known = [...BUILT_IN.map((m) => m.code), ...own.map((m) => m.code)];
  return known.filter((code) => codes.has(code) && !OF_OLD.includes(code)).map((code) => measureOf(code, own)!);
}
