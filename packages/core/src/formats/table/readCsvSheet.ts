import { say } from '@bright-sprout/words/say';
import Papa from 'papaparse';
import { type Result } from '../../result/result';
import { unguardCell } from '../csvCells';
import { type Sheet, sheetOf } from './sheet';

/**
 * The text of a file in whichever encoding a spreadsheet wrote it: UTF-8 and UTF-16 with or without their mark, Windows' Western
 * code page, and the old Macintosh one.
 */
export function decodeText(bytes: Uint8Array): string {
  const as = (label: string) => new TextDecoder(label).decode(bytes);
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return as('utf-16le');
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return as('utf-16be');
  const start = bytes.subarray(0, 4000);
  const nulls = (odd: number) => start.filter((b, i) => b === 0 && i % 2 === odd).length;
  if (nulls(1) > start.length / 4) return as('utf-16le');
  if (nulls(0) > start.length / 4) return as('utf-16be');
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    // Only an old Macintosh ends lines with a return alone, and five bytes stand for nothing in Windows' code page.
    const undefinedThere = [0x81, 0x8d, 0x8f, 0x90, 0x9d];
    const oldMac = bytes.includes(0x0d) && !bytes.includes(0x0a);
    return as(oldMac || bytes.some((b) => undefinedThere.includes(b)) ? 'macintosh' : 'windows-1252');
  }
}

/** Splits a CSV into its table; separators comma, semicolon, tab or bar are found out, `sep=;` is believed. */
export function readCsvSheet(text: string): Result<{ sheet: Sheet }> {
  const plain = text.replace(/^\uFEFF/, '');
  if (plain.includes('\u0000')) return { ok: false, reason: say('tablesIn.tableTextCharactersText') };
  const said = /^"?sep=(.)"?\r?\n?/i.exec(plain);
  const body = said ? plain.slice(said[0].length) : plain;
  const parsed = Papa.parse<string[]>(body, { delimiter: said?.[1] ?? delimiterOf(body) });
  const quote = parsed.errors.find((e) => e.type === 'Quotes');
  let line = said ? 2 : 1;
  const grid = parsed.data.map((record) => {
    const at = line;
    line += 1 + record.reduce((breaks, cell) => breaks + (cell.match(/\n/g)?.length ?? 0), 0);
    return { line: at, cells: record.map(unguardCell) };
  });
  if (quote) return { ok: false, reason: say('tablesIn.quotationMarkOpenedNever', { line: grid[quote.row ?? 0]?.line ?? 1 }) };
  return sheetOf(grid, { ragged: false });
}

/** Lines from which the separator is told. */
const LOOKED_AT = 15;

/** The separator that stands in most of the first lines, outside of quotation marks; of two the one that stands alike in all. */
function delimiterOf(text: string): string {
  const lines = text
    .slice(0, 20_000)
    .replace(/"[^"]*"/g, '')
    .split(/\r\n|\r|\n/)
    .filter((l) => l.trim() !== '')
    .slice(0, LOOKED_AT);
  const score = (mark: string) => {
    const times = lines.map((l) => l.split(mark).length - 1);
    const with_ = times.filter((n) => n > 0);
    if (with_.length === 0) return 0;
    const usual = [...with_].sort((a, b) => a - b)[Math.floor(with_.length / 2)]!;
    // A decimal comma stands in many lines too, yet not equally often in each, nor in the heading.
    return with_.filter((n) => n === usual).length / lines.length + (times[0]! > 0 ? 0.5 : 0) + Math.min(usual, 20) / 1000;
  };
  return ['\t', ';', '|', ','].reduce((best, mark) => (score(mark) > score(best) ? mark : best));
}
