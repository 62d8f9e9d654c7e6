import { type ExportTable } from '@bright-sprout/core/formats/export/exportTable';
import writeWorkbook from 'write-excel-file/node';

/** A cell of text runs nothing in a workbook, whatever it begins with. */
const text = (value: string) => ({ value, type: String });

/** Tables as a workbook, a sheet each; days and moments are text in ISO form, so that no spreadsheet moves them to its own zone. */
export async function workbookOf(tables: readonly ExportTable[]): Promise<Buffer> {
  const sheets = tables.map((t) => ({
    sheet: t.title.slice(0, 31),
    stickyRowsCount: 1,
    columns: t.columns.map((c) => ({ width: Math.min(40, Math.max(10, c.name.length + 2)) })),
    data: [
      t.columns.map((c) => ({ ...text(c.name), fontWeight: 'bold' as const })),
      ...t.rows.map((row) =>
        row.map((cell) => (typeof cell === 'number' ? { value: cell, type: Number } : cell === '' ? null : text(cell))),
      ),
    ],
  }));
  return writeWorkbook(sheets).toBuffer();
}
