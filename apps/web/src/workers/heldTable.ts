import { say } from '@bright-sprout/words/say';
import { guessReading } from '@bright-sprout/core/formats/table/guessReading';
import { headChoices } from '@bright-sprout/core/formats/table/headChoices';
import { decodeText, readCsvSheet } from '@bright-sprout/core/formats/table/readCsvSheet';
import { readTable } from '@bright-sprout/core/formats/table/readTable';
import { headsKey, packSheet, type Sheet, sheetOf } from '@bright-sprout/core/formats/table/sheet';
import { tableOutlook } from '@bright-sprout/core/formats/table/tableOutlook';
import { isPacked, notATable, type WorkbookCell, workbookGrid } from '@bright-sprout/core/formats/table/workbookGrid';
import { type TableAnswer, type TableQuestion } from './tableQuestion';

/** Reads the sheets of a workbook. */
export type ReadWorkbook = (bytes: ArrayBuffer) => Promise<{ sheet: string; data: unknown[][] }[]>;

/** Holds the table that is being brought in and answers what is asked of it. */
export class HeldTable {
  private table: Sheet | null = null;

  constructor(private readonly readWorkbook: ReadWorkbook) {}

  async answer(question: TableQuestion): Promise<TableAnswer | null> {
    if (question.kind === 'open') return this.open(question);
    const { table } = this;
    if (table === null) return null;
    const { reading } = question;
    if (question.kind === 'read')
      return { kind: 'read', number: question.number, outlook: tableOutlook(table, reading, readTable(table, reading)) };
    if (question.kind === 'choices')
      return { kind: 'choices', column: question.column, choices: headChoices(table, reading, question.column) };
    const used = (column: number) => !['left-out', 'open'].includes(reading.columns[column]!.is);
    return { kind: 'packed', text: packSheet(table, used) };
  }

  private async open({ name, bytes, sheet, today }: Extract<TableQuestion, { kind: 'open' }>): Promise<TableAnswer> {
    const file = new Uint8Array(bytes);
    const no = notATable(file);
    if (no !== null) return { kind: 'refused', reason: no };
    const read = isPacked(file)
      ? await this.readPacked(bytes, sheet)
      : { ...readCsvSheet(decodeText(file)), sheets: [], chosen: null };
    if (!read.ok) return { kind: 'refused', reason: read.reason };
    this.table = read.sheet;
    const { headings, rows, title = '' } = read.sheet;
    return {
      kind: 'opened',
      table: {
        name,
        title,
        headings,
        rows: rows.length,
        headsKey: headsKey(headings),
        sheets: read.sheets,
        sheet: read.chosen,
        reading: guessReading(read.sheet, today),
      },
    };
  }

  /** A workbook: the sheet that was asked for, or the first that is a table. */
  private async readPacked(bytes: ArrayBuffer, wanted: string | null) {
    try {
      const all = await this.readWorkbook(bytes);
      const sheets = all.map((s) => s.sheet);
      const tried = all
        .filter((s) => wanted === null || s.sheet === wanted)
        .map((s) => ({ name: s.sheet, read: sheetOf(workbookGrid(s.data as WorkbookCell[][]), { ragged: true }) }));
      const found = tried.find((t) => t.read.ok) ?? tried[0];
      if (!found) return { ok: false as const, reason: say('compare.workbookSheetTable') };
      return { ...found.read, sheets, chosen: found.name };
    } catch {
      return {
        ok: false as const,
        reason: say('compare.packedFileWorkbookRead'),
      };
    }
  }
}
