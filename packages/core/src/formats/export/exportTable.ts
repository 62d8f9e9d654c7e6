import Papa from 'papaparse';
import { guardCell } from '../csvCells';

/** One column of a table that leaves: what it is called, what stands in it and in which unit. */
export interface ExportColumn {
  name: string;
  description: string;
  type: 'string' | 'integer' | 'number' | 'date' | 'datetime' | 'yes-no';
  /** Empty where there is none. */
  unit: string;
}

export type ExportCell = string | number;

export interface ExportTable {
  /** Name of its sheet and of its file. */
  name: string;
  title: string;
  columns: ExportColumn[];
  /** One cell a column; empty text for nothing. */
  rows: ExportCell[][];
}

export const column = (name: string, type: ExportColumn['type'], description: string, unit = ''): ExportColumn => ({
  name,
  type,
  description,
  unit,
});

/**
 * A table as CSV (RFC 4180): decimal points, days as ISO dates, and no cell that could run as a formula.
 * @param mark UTF-8's mark at the beginning: spreadsheets want it, other programs stumble over it
 */
export function csvOf({ columns, rows }: Pick<ExportTable, 'columns' | 'rows'>, { mark = true } = {}): string {
  const lines = [columns.map((c) => c.name), ...rows.map((row) => row.map((cell) => guardCell(String(cell))))];
  return `${mark ? '\uFEFF' : ''}${Papa.unparse(lines, { newline: '\r\n' })}\r\n`;
}
