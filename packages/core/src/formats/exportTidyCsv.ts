import Papa from 'papaparse';
import { daysBetween, type IsoDay, isDated, ONE_LOOK_SOWING } from '../calendar/days';
import { choiceWords } from '../measures/findingWords';
import { findingOf } from '../measures/finding';
import { type Measure } from '../measures/measure';
import { guardCell } from './csvCells';
import { columnMeasures, headingOf, typedHeadingOf } from './measureColumns';
import { type TidyReading, type TidyTable } from './tidyTable';

type Cell = string | number;

/** What is written of a table; how its days are known is told by the days themselves. */
export type ExportedTable = Omit<TidyTable, 'days' | 'factor' | 'design'>;

/** The columns that come before what was found, in order: one row a reading, corrections and what they replaced included. */
const BEFORE = [
  'unit',
  'treatment',
  'treatment_label',
  'control',
  'block',
  'seeds',
  'plant',
  'sown_on',
  'day',
  'date',
  'state',
] as const;

/** The columns that come after it. */
const AFTER = [
  'lost_because',
  'note',
  'asked',
  'answered',
  'second_mm',
  'recorded_at',
  'reading',
  'corrects',
  'own_measures',
] as const;

/**
 * Writes a tidy CSV (RFC 4180, UTF-8 with a byte-order mark for spreadsheets) in which no cell can run as a formula. Every
 * measure has its column, in its stored unit, and one that says how it was typed; days count from the container's own sowing.
 */
export function exportTidyCsv(table: ExportedTable): string {
  const treatments = new Map(table.treatments.map((t) => [t.code, t]));
  const units = new Map(table.units.map((u) => [u.code, u]));
  const found = new Set(table.readings.flatMap((r) => r.findings.map((f) => f.measure)));
  const measures = columnMeasures(found, table.own);
  const typedOf = new Set(table.readings.flatMap((r) => r.findings.flatMap((f) => (f.typed === null ? [] : [f.measure]))));
  const columns = measures.flatMap((m) => [
    { measure: m, typed: false },
    ...(typedOf.has(m.code) ? [{ measure: m, typed: true }] : []),
  ]);
  const headings = [
    ...BEFORE,
    ...['height', 'length_unit', 'as_typed', 'leaves'],
    ...columns.map((c) => (c.typed ? typedHeadingOf(c.measure) : headingOf(c.measure))),
    ...AFTER,
  ];
  const unitCells = (code: string): Cell[] => {
    const unit = units.get(code)!;
    const treatment = treatments.get(unit.treatment)!;
    return [unit.code, treatment.code, treatment.label, treatment.control ? 'yes' : 'no', unit.block ?? '', unit.seeds];
  };
  const rows = table.readings.map((r): Cell[] => {
    const { sownOn } = units.get(r.unit)!;
    const height = findingOf(r, 'height');
    return [
      ...unitCells(r.unit),
      r.plant,
      written(sownOn),
      sownOn === ONE_LOOK_SOWING ? '' : daysBetween(sownOn, r.day),
      written(r.day),
      r.state,
      height?.value ?? '',
      height === null ? '' : 'mm',
      height?.typed ?? '',
      findingOf(r, 'leaves')?.value ?? '',
      ...columns.map((c) => foundCell(r, c.measure, c.typed)),
      r.lostReason ?? '',
      r.note ?? '',
      r.doubt?.kind ?? '',
      r.doubt?.answer ?? '',
      r.doubt?.secondMm ?? '',
      r.recordedAt ?? '',
      r.key ?? '',
      r.corrects ?? '',
      '',
    ];
  });
  // A unit nobody has read yet still belongs to the experiment: a row without a state keeps it.
  const read = new Set(table.readings.map((r) => r.unit));
  const blank = table.units
    .filter((u) => !read.has(u.code))
    .map((u): Cell[] => [...unitCells(u.code), '', written(u.sownOn), ...Array<Cell>(headings.length - 8).fill('')]);
  const data = [...rows, ...blank];
  // What a teacher defined stands once, in the first row, so that it can be read back as the same measures.
  if (table.own.length > 0 && data[0]) data[0][headings.length - 1] = JSON.stringify(table.own);
  const cells = data.map((row) => row.map((cell) => guardCell(String(cell))));
  return `\uFEFF${Papa.unparse({ fields: headings, data: cells }, { newline: '\r\n' })}\r\n`;
}

/** A day that nobody wrote is left empty. */
const written = (day: IsoDay) => (isDated(day) ? day : '');

function foundCell(reading: TidyReading, measure: Measure, typed: boolean): Cell {
  const found = findingOf(reading, measure.code);
  if (found === null) return '';
  if (typed) return found.typed ?? '';
  return found.value ?? choiceWords(measure, found.choice ?? '');
}
