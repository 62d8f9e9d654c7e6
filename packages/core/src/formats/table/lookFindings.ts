import { say } from '@bright-sprout/words/say';
import { type Finding, numberFound } from '../../measures/finding';
import { isSeedCount } from '../../measures/builtIn/counts';
import { type Measure } from '../../measures/measure';
import { parseFinding } from '../../measures/parseFinding';
import { type ReadingState } from '../../readings/reading';
import { type MeasureColumn, partsOfOne, type TableProblem } from './columnMeaning';
import { numberMeant, slipsBetween } from './slips';
import { stateOf } from './stateWords';

/** What one cell says of a measure. */
export type CellFound =
  | { kind: 'nothing' }
  | { kind: 'state'; state: ReadingState }
  /** A height of 0: something only beside the looks before it. */
  | { kind: 'zero' }
  | { kind: 'finding'; finding: Finding; seeds: number | null }
  | { kind: 'problem'; problem: TableProblem };

const OUT_OF = /^(\d+)\s*(?:\/|of|out of)\s*(\d+)$/i;

/**
 * @param outOf what a count in this row is out of, where a column says so
 * @param heading of the column, for sentences
 */
export function readCell(
  text: string,
  {
    meaning,
    measure,
    line,
    column,
    heading,
    outOf,
  }: {
    meaning: MeasureColumn;
    measure: Measure;
    line: number;
    column: number;
    heading: string;
    outOf: number | null;
  },
): CellFound {
  if (text === '') return { kind: 'nothing' };
  const counted = OUT_OF.exec(text);
  if (measure.quantity === 'count-of' && counted)
    return { kind: 'finding', finding: numberFound(measure.code, Number(counted[1])), seeds: Number(counted[2]) };
  if (measure.quantity === 'share' && (counted || (meaning.counting === 'share-of' && outOf !== null))) {
    const [part, whole] = counted ? [Number(counted[1]), Number(counted[2])] : [Number(text), outOf!];
    if (Number.isFinite(part) && whole > 0 && part >= 0 && part <= whole)
      return {
        kind: 'finding',
        finding: numberFound(measure.code, (100 * part) / whole, say('tablesIn.partOfWhole', { part, whole })),
        seeds: null,
      };
  }
  if (measure.quantity === 'share' && meaning.unit === partsOfOne() && /^[01]?([.,]\d+)?$/.test(text)) {
    const share = Number(text.replace(',', '.'));
    if (share <= 1) return { kind: 'finding', finding: numberFound(measure.code, Number((100 * share).toFixed(6))), seeds: null };
  }
  const read = parseFinding(measure, text, { resolution: 'mm', unit: unitOf(meaning, measure) });
  if (read.ok) return { kind: 'finding', finding: kept(read.finding, measure), seeds: null };
  const state = stateOf(text);
  if (state !== null) return { kind: 'state', state };
  if (measure.plausibility === 'growth' && /^0+([.,]0+)?$/.test(text)) return { kind: 'zero' };
  return { kind: 'problem', problem: problemOf(text, read.reason, { meaning, measure, line, column, heading }) };
}

const unitOf = (meaning: MeasureColumn, measure: Measure) =>
  meaning.unit === partsOfOne() ? measure.unit : meaning.unit || measure.unit;

/** What was typed stays beside lengths and masses; a count and a choice say themselves. */
function kept(finding: Finding, { quantity }: Measure): Finding {
  return quantity === 'length' || quantity === 'mass'
    ? { ...finding, typed: finding.typed?.slice(0, 60) ?? null }
    : { ...finding, typed: null };
}

function problemOf(
  text: string,
  reason: string,
  {
    meaning,
    measure,
    line,
    column,
    heading,
  }: {
    meaning: MeasureColumn;
    measure: Measure;
    line: number;
    column: number;
    heading: string;
  },
): TableProblem {
  const cell = (words: string, meant: string) => ({ words, mend: { kind: 'cell' as const, line, column, text: meant } });
  const leave = [
    cell(say('tablesIn.leaveCellEmpty'), ''),
    { words: say('tablesIn.leaveLine'), mend: { kind: 'leave-out' as const, line } },
  ];
  if (measure.choices.length > 0) {
    const near = measure.choices.find((c) => slipsBetween(c.words.toLowerCase(), text.toLowerCase()) <= 2);
    return {
      line,
      column,
      sentence: `${heading}: ${reason}`,
      ways: [...(near ? [cell(say('tablesIn.itIsNear', { near: near.words }), near.words)] : []), ...leave],
      alike: `choice ${text.toLowerCase()}`,
    };
  }
  const meant = numberMeant(text);
  const readable =
    meant !== null && parseFinding(measure, meant.text, { resolution: 'mm', unit: unitOf(meaning, measure) }).ok ? meant : null;
  return {
    line,
    column,
    sentence: readable ? `“${text}” ${readable.why}.` : `${heading}: ${reason}`,
    ways: [...(readable ? [cell(say('tablesIn.readItAs', { text: readable.text }), readable.text)] : []), ...leave],
    alike: readable
      ? `number ${readable.why}`
      : isSeedCount(measure.code)
        ? ''
        : say('tablesIn.valueText', { text: text.toLowerCase() }),
  };
}
