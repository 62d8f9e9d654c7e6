import Papa from 'papaparse';
import { unguardCell } from './csvCells';

/** A table as it stands in a file: heading, and cells by heading with their line. */
export interface CsvTable {
  headings: string[];
  /** `width` is the number of cells as they stand in the line; a table has one for each heading. */
  rows: { line: number; cells: Record<string, string>; width?: number }[];
}

export const MAX_ROWS = 20_000;
/** Splits a CSV into its heading and rows with their line numbers; separators comma, semicolon or tab are found out. */
export function readCsv(text: string): { ok: true; csv: CsvTable } | { ok: false; reason: string } {
  const plain = text.replace(/^\uFEFF/, '');
  const parsed = Papa.parse<string[]>(plain, { delimiter: delimiterOf(plain) });
  const quote = parsed.errors.find((e) => e.type === 'Quotes');
  if (quote) return { ok: false, reason: `A quotation mark is opened and never closed near line ${(quote.row ?? 0) + 1}.` };
  const headings = (parsed.data[0] ?? []).map((h) => h.trim());
  if (headings.length < 2) return { ok: false, reason: 'This file has no table with at least two columns.' };
  const named = headings.filter((h) => h !== '');
  if (new Set(named).size < named.length)
    return { ok: false, reason: 'Two columns have the same heading. Give each its own name.' };
  let line = 1;
  const rows: CsvTable['rows'] = [];
  for (const record of parsed.data) {
    if (line > 1 && record.some((cell) => cell.trim() !== ''))
      rows.push({
        line,
        width: record.length,
        cells: Object.fromEntries(headings.map((h, i) => [h, unguardCell(record[i] ?? '')])),
      });
    line += 1 + record.reduce((breaks, cell) => breaks + (cell.match(/\n/g)?.length ?? 0), 0);
  }
  if (rows.length === 0) return { ok: false, reason: 'There is a heading and no row under it.' };
  if (rows.length > MAX_ROWS)
    return { ok: false, reason: `This file has ${rows.length} rows; ${MAX_ROWS} at a time are possible.` };
  return { ok: true, csv: { headings, rows } };
}

/** The separator that stands most often in the heading, outside of quotation marks. */
function delimiterOf(text: string): string {
  const heading = text
    .slice(0, 5000)
    .replace(/"[^"]*"/g, '')
    .split(/\r?\n/)[0]!;
  const times = (mark: string) => heading.split(mark).length;
  return [',', ';', '\t', '|'].reduce((best, mark) => (times(mark) > times(best) ? mark : best));
}
