import { type Measure } from '../measures/measure';
import { type OwnMeasure } from '../measures/ownMeasure';
import { BUILT_IN, measureOf } from '../measures/registry';

/** A column that holds what was found of one measure, and the one beside it that says how it was typed. */
export interface MeasureColumn {
  heading: string;
  measure: string;
  typedHeading: string | null;
}

/** Height and leaves have columns of their own since the first files. */
const OF_OLD = ['height', 'leaves'];

/** `fresh mass (g)`, `stage`: what a measure's column is called in a file. */
export function headingOf({ name, unit }: Measure): string {
  return unit === '' ? name : `${name} (${unit})`;
}

export const typedHeadingOf = (measure: Measure) => `${headingOf(measure)} as typed`;

/** The measures of a file beside height and leaves, in the order in which they are asked. */
export function columnMeasures(codes: ReadonlySet<string>, own: readonly OwnMeasure[]): Measure[] {
  const known = [...BUILT_IN.map((m) => m.code), ...own.map((m) => m.code)];
  return known.filter((code) => codes.has(code) && !OF_OLD.includes(code)).map((code) => measureOf(code, own)!);
}

/** Columns whose headings name a measure, by its name with or without the unit, or by its code. */
export function guessMeasureColumns(headings: readonly string[], own: readonly OwnMeasure[]): MeasureColumn[] {
  const measures = [...BUILT_IN.filter((m) => !OF_OLD.includes(m.code)), ...own.map((m) => measureOf(m.code, own)!)];
  const plain = (text: string) => text.trim().toLowerCase().replace(/[_-]+/g, ' ');
  const taken = new Set<string>();
  return headings.flatMap((heading) => {
    const found = measures.find((m) => [headingOf(m), m.name, m.code].some((name) => plain(name) === plain(heading)));
    if (!found || taken.has(found.code)) return [];
    taken.add(found.code);
    const typed = `${heading} as typed`;
    return [{ heading, measure: found.code, typedHeading: headings.includes(typed) ? typed : null }];
  });
}
