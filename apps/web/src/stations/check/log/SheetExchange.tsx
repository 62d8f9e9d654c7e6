import { say } from '@bright-sprout/words/say';
import { choiceWords, valueNumber } from '@bright-sprout/core/measures/findingWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { readRecordSheet, type SheetEntry, writeRecordSheet } from '@bright-sprout/core/formats/recordSheet';
import { handOver } from '../../../compare/figures/takeAway';
import { cellText } from './cellText';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { FileExchange } from './FileExchange';
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

/** The record sheet as a table file: taken along empty or filled, and brought back. Nothing comes in before it was shown. */
export function SheetExchange({ records, measure, rows, days, cell, entry }: Props) {
  const { investigation } = records;
  const { resolution, sownOn } = investigation;
  const byName = new Map(rows.map((r) => [r.name, r]));
  const before = (name: string, day: IsoDay) => cell(byName.get(name)!, day)?.reading ?? null;
  const save = () => {
    const labels = new Map(investigation.treatments.map((t) => [t.code, t.label]));
    const text = writeRecordSheet(
      rows.map((r) => ({ name: r.name, treatment: labels.get(r.treatment) ?? r.treatment })),
      days,
      (name, day) => cellText(before(name, day), measure, resolution),
    );
    handOver(new Blob([text], { type: 'text/csv;charset=utf-8' }), 'record-sheet.csv');
  };
  const open = async (file: File) => {
    const { entries, problems } = readRecordSheet(await file.text(), new Set(byName.keys()), {
      sownOn,
      today: todayIn(investigation.class.timeZone),
      resolution,
      measure,
    });
    return { looks: entries, problems };
  };
  const written = ({ entry: e }: SheetEntry): string => {
    if (e.state !== 'measured') return { 'not-up': 'n', 'not-checked': '–', lost: 'x' }[e.state];
    const { value, choice } = e.finding;
    return value === null ? choiceWords(measure, choice ?? '') : valueNumber(measure, value, { resolution });
  };
  return (
    <FileExchange
      title={say('log.recordSheet')}
      label={say('log.bringFilledSheetBack')}
      accept=".csv,text/csv"
      open={open}
      stands={(e) => {
        const stood = before(e.name, e.day);
        if (cellText(stood, measure, resolution) === written(e)) return 'same';
        return stood === null ? 'nothing' : 'other';
      }}
      save={(e) => entry.save(byName.get(e.name)!, e.day, e.entry, cell(byName.get(e.name)!, e.day), say('log.fromFilledSheet'))}
    >
      <button type="button" className="btn" onClick={save}>
        {say('log.takeSheetAlongCsv')}
      </button>
    </FileExchange>
  );
}
