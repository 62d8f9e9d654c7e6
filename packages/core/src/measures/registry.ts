import { AMOUNTS } from './builtIn/amounts';
import { COUNTS } from './builtIn/counts';
import { LENGTHS } from './builtIn/lengths';
import { LOOKS } from './builtIn/looks';
import { type Measure, type SproutedRule } from './measure';
import { asMeasure, type OwnMeasure } from './ownMeasure';

/** Every measure that needs no defining, in the order in which it is asked. A new one is added to the list of its kind. */
export const BUILT_IN: readonly Measure[] = [...LENGTHS.slice(0, 1), ...COUNTS, ...LOOKS, ...LENGTHS.slice(1), ...AMOUNTS];

export const BUILT_IN_CODES: readonly string[] = BUILT_IN.map((m) => m.code);

const byCode = new Map(BUILT_IN.map((m) => [m.code, m]));

/** What an investigation measures: codes of built-in measures, and its own. */
export interface Measured {
  measures: readonly string[];
  own: readonly OwnMeasure[];
}

/** The measure of a code, built in or the investigation's own; null for one that nobody knows. */
export function measureOf(code: string, own: readonly OwnMeasure[] = []): Measure | null {
  const defined = own.find((m) => m.code === code);
  return byCode.get(code) ?? (defined ? asMeasure(defined) : null);
}

/** Everything that an investigation measures, in the order in which it is asked. */
export function measuresOf({ measures, own }: Measured): Measure[] {
  return [...BUILT_IN.filter((m) => measures.includes(m.code)), ...own.map(asMeasure)];
}

/** The measure that stands for the investigation where one number has to: its height, or else the first that it asks for. */
export function mainMeasure(measured: Measured): Measure {
  return measuresOf(measured)[0] ?? byCode.get('height')!;
}

/** The measure that counts sprouted seeds under a rule of what sprouted means. */
export function seedCountOf(sprouted: SproutedRule): 'seeds-up' | 'seeds-with-root' {
  return sprouted === 'root-2mm' ? 'seeds-with-root' : 'seeds-up';
}

/** True where sprouted seeds are counted, by whichever sign. */
export function countsSeeds(measures: readonly string[]): boolean {
  return measures.includes('seeds-up') || measures.includes('seeds-with-root');
}
