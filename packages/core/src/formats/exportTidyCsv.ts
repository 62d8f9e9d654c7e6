import Papa from 'papaparse';
import { daysBetween } from '../calendar/days';
import { guardCell } from './csvCells';
import { type TidyTable } from './tidyTable';

/** The columns of an export, in order: one row a reading, corrections and what they replaced included. */
export const EXPORT_COLUMNS = [
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
  'height',
  'length_unit',
  'as_typed',
  'leaves',
  'lost_because',
  'note',
  'recorded_at',
  'reading',
  'corrects',
] as const;

/** Writes a tidy CSV (RFC 4180, UTF-8 with a byte-order mark for spreadsheets) in which no cell can run as a formula. */
export function exportTidyCsv(table: TidyTable): string {
  const treatments = new Map(table.treatments.map((t) => [t.code, t]));
  const units = new Map(table.units.map((u) => [u.code, u]));
  const read = new Set(table.readings.map((r) => r.unit));
  const unitCells = (code: string) => {
    const unit = units.get(code)!;
    const treatment = treatments.get(unit.treatment)!;
    return [unit.code, treatment.code, treatment.label, treatment.control ? 'yes' : 'no', unit.block ?? '', unit.seeds];
  };
  const rows = table.readings.map((r) => [
    ...unitCells(r.unit),
    r.plant,
    table.sownOn,
    daysBetween(table.sownOn, r.day),
    r.day,
    r.state,
    r.valueMm ?? '',
    r.valueMm === null ? '' : 'mm',
    r.typed ?? '',
    r.leaves ?? '',
    r.lostReason ?? '',
    r.note ?? '',
    r.recordedAt ?? '',
    r.key ?? '',
    r.corrects ?? '',
  ]);
  // A unit nobody has read yet still belongs to the experiment: a row without a state keeps it.
  const blank = table.units
    .filter((u) => !read.has(u.code))
    .map((u) => [...unitCells(u.code), '', table.sownOn, ...Array<string>(EXPORT_COLUMNS.length - 8).fill('')]);
  const cells = [...rows, ...blank].map((row) => row.map((cell) => guardCell(String(cell))));
  return `\uFEFF${Papa.unparse({ fields: [...EXPORT_COLUMNS], data: cells }, { newline: '\r\n' })}\r\n`;
}
