import { choiceWords, valueNumber } from '@bright-sprout/core/measures/findingWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { readRecordSheet, type SheetEntry, type SheetProblem, writeRecordSheet } from '@bright-sprout/core/formats/recordSheet';
import { useState } from 'react';
import { cellText } from './cellText';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { BroughtBack } from './BroughtBack';
import { type LogEntry } from './useLogEntry';

interface Props {
  records: InvestigationRecords;
  /** What the sheet asks for. */
  measure: Measure;
  rows: LogRow[];
  days: IsoDay[];
  cell: (row: LogRow, day: IsoDay) => LogCell | null;
  entry: LogEntry;
}

interface Read {
  fresh: SheetEntry[];
  changed: SheetEntry[];
  problems: SheetProblem[];
}

/** The record sheet as a table file: taken along empty or filled, and brought back. Nothing comes in before it was shown. */
export function SheetExchange({ records, measure, rows, days, cell, entry }: Props) {
  const { investigation } = records;
  const { resolution, sownOn } = investigation;
  const [read, setRead] = useState<Read | null>(null);
  const [done, setDone] = useState('');
  const byName = new Map(rows.map((r) => [r.name, r]));
  const before = (name: string, day: IsoDay) => cell(byName.get(name)!, day)?.reading ?? null;
  const save = () => {
    const labels = new Map(investigation.treatments.map((t) => [t.code, t.label]));
    const text = writeRecordSheet(
      rows.map((r) => ({ name: r.name, treatment: labels.get(r.treatment) ?? r.treatment })),
      days,
      (name, day) => cellText(before(name, day), measure, resolution),
    );
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([text], { type: 'text/csv;charset=utf-8' }));
    link.download = 'record-sheet.csv';
    link.click();
    URL.revokeObjectURL(link.href);
  };
  const open = async (file: File) => {
    setDone('');
    const today = todayIn(investigation.class.timeZone);
    const { entries, problems } = readRecordSheet(await file.text(), new Set(byName.keys()), {
      sownOn,
      today,
      resolution,
      measure,
    });
    const differs = entries.filter((e) => cellText(before(e.name, e.day), measure, resolution) !== written(e));
    setRead({
      fresh: differs.filter((e) => before(e.name, e.day) === null),
      changed: differs.filter((e) => before(e.name, e.day) !== null),
      problems,
    });
    function written({ entry: e }: SheetEntry): string {
      if (e.state !== 'measured') return { 'not-up': 'n', 'not-checked': '–', lost: 'x' }[e.state];
      const { value, choice } = e.finding;
      return value === null ? choiceWords(measure, choice ?? '') : valueNumber(measure, value, { resolution });
    }
  };
  const take = async (entries: readonly SheetEntry[]) => {
    setRead(null);
    const results = await Promise.allSettled(
      entries.map((e) =>
        entry.save(byName.get(e.name)!, e.day, e.entry, cell(byName.get(e.name)!, e.day), 'from the filled-in sheet'),
      ),
    );
    const taken = results.filter((r) => r.status === 'fulfilled').length;
    setDone(`${taken} of ${entries.length} looks were taken in.`);
  };
  return (
    <section className="section no-print">
      <h2>Record sheet</h2>
      <button type="button" className="btn mb-2" onClick={save}>
        Take the sheet along (CSV)
      </button>
      <label className="form-label d-block" htmlFor="filled-sheet">
        Bring the filled-in sheet back
      </label>
      <input
        id="filled-sheet"
        type="file"
        accept=".csv,text/csv"
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
