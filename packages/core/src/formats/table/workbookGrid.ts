import { say } from '@bright-sprout/words/say';
/** A cell as a reader of workbooks gives it. */
export type WorkbookCell = string | number | boolean | Date | null | undefined;

/** The lines of a sheet of a workbook as text; a day is written as one, numbers with a decimal point. */
export function workbookGrid(rows: readonly (readonly WorkbookCell[])[]): { line: number; cells: string[] }[] {
  return rows.map((row, i) => ({ line: i + 1, cells: row.map(cellText) }));
}

function cellText(cell: WorkbookCell): string {
  if (cell === null || cell === undefined) return '';
  if (cell instanceof Date) {
    if (Number.isNaN(cell.getTime())) return '';
    const [day, clock] = cell.toISOString().split('T') as [string, string];
    return clock.startsWith('00:00') ? day : `${day} ${clock.slice(0, 5)}`;
  }
  if (typeof cell === 'boolean') return cell ? 'yes' : 'no';
  return String(cell);
}

/** What a file is by its first bytes, for a sentence where it is no table; null where it may be one. */
export function notATable(bytes: Uint8Array): string | null {
  const starts = (...first: number[]) => first.every((b, i) => bytes[i] === b);
  if (bytes.length === 0) return say('tablesIn.fileEmpty');
  if (starts(0xd0, 0xcf, 0x11, 0xe0)) return say('tablesIn.workbookOldKindXls');
  if (starts(0x25, 0x50, 0x44, 0x46)) return say('tablesIn.pdfPictureTableTable');
  if (starts(0x89, 0x50, 0x4e, 0x47) || starts(0xff, 0xd8, 0xff) || starts(0x47, 0x49, 0x46))
    return say('tablesIn.pictureTypeTableSpreadsheet');
  return null;
}

/** Workbooks are packed: they begin as every packed file does. */
export const isPacked = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;
