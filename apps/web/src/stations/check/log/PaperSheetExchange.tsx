import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { csvOf } from '@bright-sprout/core/formats/export/exportTable';
import { type PaperLook, paperSheetLines, readPaperSheet } from '@bright-sprout/core/formats/paperSheetFile';
import { decodeText, readCsvSheet } from '@bright-sprout/core/formats/table/readCsvSheet';
import { sheetOf } from '@bright-sprout/core/formats/table/sheet';
import { isPacked, notATable, type WorkbookCell, workbookGrid } from '@bright-sprout/core/formats/table/workbookGrid';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { type PaperSheet } from '@bright-sprout/core/paper/paperSheets';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { useState } from 'react';
import { handOver } from '../../../compare/figures/takeAway';
import { BroughtBack } from './BroughtBack';
import { type LogEntry } from './useLogEntry';

interface Props {
  records: InvestigationRecords;
  sheet: PaperSheet;
  measures: readonly Measure[];
  rows: LogRow[];
  cell: (row: LogRow, day: IsoDay) => LogCell | null;
  entry: LogEntry;
}

interface Read {
  fresh: PaperLook[];
  changed: PaperLook[];
  problems: { line: number; sentence: string }[];
}

/** A sheet as a file, with a column for every measure: taken along empty or filled, and brought back. Nothing comes in before it was shown. */
export function PaperSheetExchange({ records: { investigation }, sheet, measures, rows, cell, entry }: Props) {
  const facts = { measures, resolution: investigation.resolution };
  const byName = new Map(rows.map((r) => [r.name, r]));
  const [read, setRead] = useState<Read | null>(null);
  const [done, setDone] = useState('');
  const lines = () =>
    paperSheetLines(
      sheet.days.flatMap((day) => rows.map((r) => ({ name: r.name, day, look: cell(r, day)?.reading ?? null }))),
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
    setDone('');
    const found = await tableIn(file);
    if (!found.ok) return setRead({ fresh: [], changed: [], problems: [{ line: 1, sentence: found.reason }] });
    const today = todayIn(investigation.class.timeZone);
    const { looks, problems } = readPaperSheet(
      found.sheet,
      new Set(byName.keys()),
      new Set(sheet.days.filter((d) => d <= today)),
      facts,
    );
    const before = (l: PaperLook) => cell(byName.get(l.name)!, l.day)?.reading ?? null;
    const says = (l: { state: string; findings: readonly { measure: string; value: number | null; choice: string | null }[] }) =>
      JSON.stringify([l.state, l.findings.map((f) => [f.measure, f.value, f.choice]).sort()]);
    const differs = looks.filter((l) => {
      const stands = before(l);
      return stands === null || says(stands) !== says(l);
    });
    setRead({
      fresh: differs.filter((l) => before(l) === null),
      changed: differs.filter((l) => before(l) !== null),
      problems,
    });
  };
  const take = async (looks: readonly PaperLook[]) => {
    setRead(null);
    const results = await Promise.allSettled(
      looks.map((l) => entry.saveLook(byName.get(l.name)!, l, cell(byName.get(l.name)!, l.day), `from sheet ${sheet.code}`)),
    );
    setDone(`${results.filter((r) => r.status === 'fulfilled').length} of ${looks.length} looks were taken in.`);
  };
  return (
    <section className="section no-print">
      <h2>Sheet {sheet.code} as a file</h2>
      <p className="d-flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => void asWorkbook()}>
          Take it along (XLSX)
        </button>
        <button type="button" className="btn" onClick={asCsv}>
          Take it along (CSV)
        </button>
      </p>
      <label className="form-label d-block" htmlFor="filled-paper">
        Bring the filled-in file back
      </label>
      <input
        id="filled-paper"
        type="file"
        accept=".csv,.xlsx,text/csv"
        className="form-control"
        onChange={(e) => e.target.files?.[0] && void open(e.target.files[0])}
      />
      {read && (
        <BroughtBack
          fresh={read.fresh.length}
          changed={read.changed.length}
          problems={read.problems}
          onTake={(which) => void take(which === 'fresh' ? read.fresh : [...read.fresh, ...read.changed])}
        />
      )}
      {done && <p role="status">{done}</p>}
    </section>
  );
}

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
    return { ok: false as const, reason: 'This packed file is no workbook that can be read here.' };
  }
}
