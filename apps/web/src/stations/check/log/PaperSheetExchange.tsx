import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { csvOf } from '@bright-sprout/core/formats/export/exportTable';
import { type PaperLook, paperSheetLines, readPaperSheet } from '@bright-sprout/core/formats/paperSheetFile';
import { decodeText, readCsvSheet } from '@bright-sprout/core/formats/table/readCsvSheet';
import { sheetOf } from '@bright-sprout/core/formats/table/sheet';
import { isPacked, notATable, type WorkbookCell, workbookGrid } from '@bright-sprout/core/formats/table/workbookGrid';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { type PaperSheet } from '@bright-sprout/core/paper/paperSheets';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { handOver } from '../../../compare/figures/takeAway';
import { FileExchange } from './FileExchange';
import { type LogEntry } from './useLogEntry';

interface Props {
  records: InvestigationRecords;
  sheet: PaperSheet;
  measures: readonly Measure[];
  rows: LogRow[];
  cell: (row: LogRow, day: IsoDay) => LogCell | null;
  entry: LogEntry;
}

/** A sheet as a file, with a column for every measure: taken along empty or filled, and brought back. Nothing comes in before it was shown. */
export function PaperSheetExchange({ records: { investigation }, sheet, measures, rows, cell, entry }: Props) {
  const facts = { measures, resolution: investigation.resolution };
  const byName = new Map(rows.map((r) => [r.name, r]));
  const lines = () =>
    paperSheetLines(
      sheet.days.flatMap((day) =>
        rows.filter((r) => r.sownOn <= day).map((r) => ({ name: r.name, day, look: cell(r, day)?.reading ?? null })),
      ),
      facts,
    );
  const asCsv = () => {
    const [heads, ...cells] = lines();
    const columns = heads!.map((name) => ({ name, type: 'string' as const, description: '', unit: '' }));
    handOver(new Blob([csvOf({ columns, rows: cells })], { type: 'text/csv;charset=utf-8' }), `sheet-${sheet.code}.csv`);
  };
  const asWorkbook = async () => {
    const { default: write } = await import('write-excel-file/browser');
    const data = lines().map((line) => line.map((value) => (value === '' ? null : { value, type: String })));
    handOver(await write(data, { sheet: sheet.code }).toBlob(), `sheet-${sheet.code}.xlsx`);
  };
  const open = async (file: File) => {
    const found = await tableIn(file);
    if (!found.ok) return { looks: [], problems: [{ line: 1, sentence: found.reason }] };
    const today = todayIn(investigation.class.timeZone);
    return readPaperSheet(found.sheet, new Set(byName.keys()), new Set(sheet.days.filter((d) => d <= today)), facts);
  };
  const before = (l: PaperLook) => cell(byName.get(l.name)!, l.day);
  return (
    <FileExchange
      title={say('log.sheetFile', { code: sheet.code })}
      label={say('log.bringFilledFileBack')}
      accept=".csv,.xlsx,text/csv"
      open={open}
      stands={(l) => {
        const stood = before(l)?.reading;
        if (!stood) return 'nothing';
        return says(stood) === says(l) ? 'same' : 'other';
      }}
      save={(l) => entry.saveLook(byName.get(l.name)!, l, before(l), say('log.fromSheet', { code: sheet.code }))}
    >
      <button type="button" className="btn" onClick={() => void asWorkbook()}>
        {say('log.takeAlongXlsx')}
      </button>
      <button type="button" className="btn" onClick={asCsv}>
        {say('log.takeAlongCsv')}
      </button>
    </FileExchange>
  );
}

/** What a look says, so that two of them can be told apart. */
const says = (look: { state: string; findings: readonly { measure: string; value: number | null; choice: string | null }[] }) =>
  JSON.stringify([look.state, look.findings.map((f) => [f.measure, f.value, f.choice]).sort()]);

/** The table in a file, whichever kind of file it is. */
async function tableIn(file: File) {
  const bytes = await file.arrayBuffer();
  const start = new Uint8Array(bytes);
  const no = notATable(start);
  if (no !== null) return { ok: false as const, reason: no };
  if (!isPacked(start)) return readCsvSheet(decodeText(start));
  try {
    const { default: readWorkbook } = await import('read-excel-file/browser');
    const [first] = await readWorkbook(bytes);
    return sheetOf(workbookGrid((first?.data ?? []) as WorkbookCell[][]), { ragged: true });
  } catch {
    return { ok: false as const, reason: say('log.packedFileWorkbookRead') };
  }
}
