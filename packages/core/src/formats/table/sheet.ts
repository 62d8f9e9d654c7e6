import { say } from '@bright-sprout/words/say';
import Papa from 'papaparse';
import { type Result } from '../../result/result';
import { headedGrid, lastFilled, onlyCell, turnedUpright } from './headLines';

/** A table as it stands in a file, whichever kind of file that was: its heads, and rows with the line they stand on. */
export interface Sheet {
  headings: string[];
  rows: SheetRow[];
  /** What stands above the heading. */
  title?: string;
}

export interface SheetRow {
  /** Line in the file, its first line being 1. */
  line: number;
  /** One a heading. */
  cells: readonly string[];
  /** So many stand in the file, where that is fewer: the rest are empty here, and nobody knows which one is missing. */
  short?: number;
}

export const MOST_ROWS = 50_000;
export const MOST_COLUMNS = 200;
/** A heading that is looked for among the first lines: titles and empty lines may stand above it. */
const HEADING_WITHIN = 12;
const LONGEST_TITLE = 120;

/**
 * The grid of a file as a table with a heading, or why it is none.
 * @param ragged lines end with their last filled cell, as in a workbook; elsewhere a short line lacks a cell
 */
export function sheetOf(
  grid: readonly { line: number; cells: readonly string[] }[],
  { ragged }: { ragged: boolean },
): Result<{ sheet: Sheet }> {
  const all = grid.filter((r) => r.cells.some((c) => c.trim() !== ''));
  if (all.length === 0) return { ok: false, reason: say('tablesIn.fileEmpty') };
  const { grid: filled, turned } = turnedUpright(all);
  const at = headingAt(filled.map((r) => r.cells));
  const { headings, body: below } = headedGrid(filled, at);
  const title = filled.slice(0, at).flatMap((r) => onlyCell(r, LONGEST_TITLE) ?? []);
  const named = lastFilled(headings) + 1;
  const width = named > 0 ? named : Math.max(...below.map((r) => lastFilled(r.cells) + 1));
  if (width < 2) return { ok: false, reason: say('tablesIn.fileTableLeastTwo') };
  const units = unitsUnder(below[0]?.cells);
  const body = below.slice(units ? 1 : 0);
  if (body.length === 0) return { ok: false, reason: say('tablesIn.headingRowUnder') };
  if (body.length > MOST_ROWS)
    return { ok: false, reason: say('tablesIn.fileRowsTimePossible', { countBody: body.length, mostRows: MOST_ROWS }) };
  const widest = body.reduce((most, r) => Math.max(most, lastFilled(r.cells) + 1), width);
  if (widest > MOST_COLUMNS)
    return { ok: false, reason: say('tablesIn.fileColumnsTimePossible', { widest, mostColumns: MOST_COLUMNS }) };
  const tooLong = body.find((r) => lastFilled(r.cells) + 1 > width);
  if (tooLong)
    return {
      ok: false,
      reason: say('tablesIn.moreCellsThanHeading', { line: tooLong.line, lastFilled: lastFilled(tooLong.cells) + 1, width }),
    };
  return {
    ok: true,
    sheet: {
      ...(title.length > 0 ? { title: title[0]! } : {}),
      headings: Array.from({ length: width }, (_, i) => {
        const head = headings[i] ?? '';
        return units?.[i] ? `${head} (${units[i]})`.trim() : head;
      }),
      rows: body.map(({ line, cells }) => ({
        line,
        cells: Array.from({ length: width }, (_, i) => cells[i] ?? ''),
        ...(!ragged && !turned && cells.length < width ? { short: cells.length } : {}),
      })),
    },
  };
}

const UNIT = /^[([]?(mm|cm|m|in|inch|inches|ft|mg|g|kg|oz|lb|%|°c|days?|d|n|count|no\.?)[)\]]?$/i;

/** A line of units under the heading belongs to it; null where the line is none. */
function unitsUnder(cells: readonly string[] | undefined): string[] | null {
  const texts = (cells ?? []).map((c) => c.trim());
  const said = texts.filter((t) => t !== '');
  if (said.length === 0 || !said.every((t) => UNIT.test(t))) return null;
  return texts.map((t) => t.replace(/^[([]|[)\]]$/g, ''));
}

/** The first line that is as wide as those under it: a title above the table is narrower. */
function headingAt(grid: readonly (readonly string[])[]): number {
  const widthOf = (cells: readonly string[]) => cells.filter((c) => c.trim() !== '').length;
  const below = grid.slice(0, HEADING_WITHIN * 3).map(widthOf);
  const widest = Math.max(...below);
  const found = below.slice(0, HEADING_WITHIN).findIndex((w) => w >= Math.max(2, Math.ceil(widest * 0.6)));
  return Math.max(0, found);
}

/** A head as it is spoken of; one without words by its letter, as spreadsheets count columns. */
export function headName({ headings }: Sheet, column: number): string {
  return headings[column] || say('tablesIn.column', { columnLetters: columnLetters(column) });
}

/** `A`, `Z`, `AA`. */
export function columnLetters(column: number): string {
  const rest = Math.floor(column / 26);
  return `${rest > 0 ? columnLetters(rest - 1) : ''}${String.fromCharCode(65 + (column % 26))}`;
}

/** A table as text that is sent: its line numbers before its cells; columns that are not used are sent empty. */
export function packSheet({ headings, rows }: Sheet, used: (column: number) => boolean = () => true): string {
  const line = (first: string, cells: readonly string[]) => [first, ...cells.map((c, i) => (used(i) ? c : ''))];
  return Papa.unparse([line('line', headings), ...rows.map((r) => line(String(r.line), r.cells.slice(0, r.short)))]);
}

/** The table that was packed; null where the text is none. */
export function unpackSheet(text: string): Sheet | null {
  const [head, ...lines] = Papa.parse<string[]>(text, { delimiter: ',' }).data;
  const width = head?.length ?? 0;
  if (head?.[0] !== 'line' || width < 3 || width > MOST_COLUMNS + 1 || lines.length === 0 || lines.length > MOST_ROWS)
    return null;
  const rows = lines.map(([line, ...cells]): SheetRow => {
    const short = cells.length < width - 1 ? { short: cells.length } : {};
    return { line: Number(line), cells: [...cells, ...Array<string>(Math.max(0, width - 1 - cells.length)).fill('')], ...short };
  });
  if (rows.some((r) => !Number.isInteger(r.line) || r.line < 1 || r.cells.length !== width - 1)) return null;
  return { headings: head.slice(1), rows };
}

/** Says that two tables have the same heads: what was chosen for one fits the other. */
export function headsKey(headings: readonly string[]): string {
  const text = headings.map((h) => h.toLowerCase().replace(/\s+/g, ' ').trim()).join('\u0001');
  // FNV-1a over 64 bits, in two halves.
  let [high, low] = [0xcbf29ce4, 0x84222325];
  for (const c of text) {
    low ^= c.codePointAt(0)!;
    const product = low * 0x1b3;
    high = (Math.imul(high, 0x1b3) + (low << 8) + Math.floor(product / 0x1_0000_0000)) >>> 0;
    low = product >>> 0;
  }
  return high.toString(16).padStart(8, '0') + low.toString(16).padStart(8, '0');
}
