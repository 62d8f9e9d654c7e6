import { type Measure } from '@bright-sprout/core/measures/measure';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../../words/Say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { quickLetters } from '@bright-sprout/core/readings/quickEntry';
import { paperSheets } from '@bright-sprout/core/paper/paperSheets';
import { useEffect, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { lookingDays } from '../../../records/lookingDays';
import { measuresShown } from '../../../records/found';
import { RuledWord } from '../../../page/RuledWord';
import { CheckViews } from '../../../page/CheckViews';
import { InvestigationFrame } from '../../../page/InvestigationFrame';
import { CellPanel } from './CellPanel';
import { Ledger } from './Ledger';
import { type LogFilter, logCells, logDays, logRows, missingDays } from '@bright-sprout/core/readings/logRows';
import { PaperEntry } from './PaperEntry';
import { PaperSheetExchange } from './PaperSheetExchange';
import { PaperSheetBar } from './PaperSheetBar';
import { SheetExchange } from './SheetExchange';
import { useLogEntry } from './useLogEntry';
import './log.scss';

/** The whole class as a ledger: plants down, check days across; typed in like a table, nothing overwritten. */
export function LogView() {
  return (
    <InvestigationFrame
      next={({ records }) => (
        <Link className="btn-next" to={`/investigations/${records.investigation.id}/compare`}>
          {say('log.compareThem')}
        </Link>
      )}
    >
      {({ records }) => <Log records={records} />}
    </InvestigationFrame>
  );
}

const FILTERS: Record<LogFilter, string> = spoken({
  all: 'log.all',
  missing: 'log.onlyMissing',
  doubtful: 'log.onlyDoubtful',
});

function Log({ records }: { records: InvestigationRecords }) {
  const { investigation, readings } = records;
  const today = todayIn(investigation.class.timeZone);
  const { sheets, sheet, days, rows } = useRowsAndDays(records, today);
  const [picture, setPicture] = useState<string | null>(null);
  useEffect(() => () => (picture === null ? undefined : URL.revokeObjectURL(picture)), [picture]);
  const cell = useMemo(() => logCells(readings), [readings]);
  const [filter, setFilter] = useState<LogFilter>('all');
  const [at, setAt] = useState<{ name: string; day: string } | null>(null);
  const entry = useLogEntry(records);
  const measures = useMemo(() => measuresShown(investigation, readings), [investigation, readings]);
  const [code, setCode] = useState(measures[0]!.code);
  const measure = measures.find((m) => m.code === code) ?? measures[0]!;
  const missing = useMemo(() => rows.filter((r) => missingDays(r, days, cell).length > 0), [rows, days, cell]);
  const doubtful = useMemo(() => rows.filter((r) => days.some((d) => cell(r, d)?.doubtful)), [rows, days, cell]);
  const shown = filter === 'all' ? rows : filter === 'missing' ? missing : doubtful;
  const row = rows.find((r) => r.name === at?.name);
  return (
    <>
      <CheckViews investigationId={investigation.id} />
      <div className="log">
        <div className="log-main">
          <PaperSheetBar
            sheets={sheets}
            open={sheet}
            teams={investigation.teams}
            onPicture={(file) => setPicture(URL.createObjectURL(file))}
          />
          {sheet && picture && (
            <div className="paper-sheet-picture no-print" tabIndex={0} role="region" aria-label={say('log.pictureSheet')}>
              <img src={picture} alt={say('log.filledSheet')} />
            </div>
          )}
          {measures.length > 1 && !sheet && <CellsShow measures={measures} measure={measure} onMeasure={setCode} />}
          <p className="log-filters no-print" role="group" aria-label={say('log.show')}>
            {!sheet && <Filters filter={filter} onFilter={setFilter} missing={missing.length} doubtful={doubtful.length} />}
            <span role="status">{entry.words}</span>
          </p>
          {days.length === 0 ? (
            <p>{sheet ? say('log.noneDaysSheetCome') : say('log.checkDayComeYet')}</p>
          ) : shown.length === 0 ? (
            <p>{filter === 'missing' ? say('log.nothingMissing') : say('log.nothingDoubtful')}</p>
          ) : sheet ? (
            <PaperEntry
              key={sheet.code}
              records={records}
              sheet={sheet}
              days={days}
              rows={rows}
              measures={measures}
              cell={cell}
              entry={entry}
              onLookAt={(name, day) => setAt({ name, day })}
            />
          ) : (
            <Ledger
              records={records}
              measure={measure}
              rows={shown}
              days={days}
              cell={cell}
              entry={entry}
              onLookAt={(name, day) => setAt({ name, day })}
            />
          )}
          <p className="second">{say('log.typeCellTabGoes', { quickLetters: quickLetters(measure), sheet: Boolean(sheet) })}</p>
        </div>
        <aside className="log-side">
          {row && at ? (
            <CellPanel
              key={`${row.name} ${at.day}`}
              records={records}
              row={row}
              day={at.day}
              cell={cell(row, at.day)}
              entry={entry}
            />
          ) : (
            <NoCell />
          )}
          {sheet ? (
            <PaperSheetExchange
              key={sheet.code}
              records={records}
              sheet={sheet}
              measures={measures}
              rows={rows}
              cell={cell}
              entry={entry}
            />
          ) : (
            <SheetExchange records={records} measure={measure} rows={rows} days={days} cell={cell} entry={entry} />
          )}
        </aside>
      </div>
    </>
  );
}

/** The rows and days of the whole log, or those of the sheet that is open. */
function useRowsAndDays(records: InvestigationRecords, today: IsoDay) {
  const { investigation } = records;
  const allDays = useMemo(() => logDays(records, today), [records, today]);
  const allRows = useMemo(() => logRows(records), [records]);
  const sheets = useMemo(
    () => paperSheets(investigation.id, lookingDays(records), investigation.containers),
    [investigation, records],
  );
  const [search] = useSearchParams();
  const sheet = sheets.find((s) => s.code === search.get('sheet')) ?? null;
  const days = useMemo(() => (sheet ? sheet.days.filter((d) => d <= today) : allDays), [sheet, allDays, today]);
  const rows = useMemo(
    () => (sheet ? sheet.containers.flatMap((id) => allRows.filter((r) => r.containerId === id)) : allRows),
    [sheet, allRows],
  );
  return { sheets, sheet, days, rows };
}

function Filters({
  filter,
  onFilter,
  missing,
  doubtful,
}: {
  filter: LogFilter;
  onFilter: (filter: LogFilter) => void;
  missing: number;
  doubtful: number;
}) {
  return (Object.keys(FILTERS) as LogFilter[]).map((f) => (
    <button key={f} type="button" className="btn" aria-pressed={filter === f} onClick={() => onFilter(f)}>
      {FILTERS[f]}
      {f === 'missing' && ` (${missing})`}
      {f === 'doubtful' && ` (${doubtful})`}
    </button>
  ));
}

function CellsShow({
  measures,
  measure,
  onMeasure,
}: {
  measures: readonly Measure[];
  measure: Measure;
  onMeasure: (code: string) => void;
}) {
  return (
    <div className="ruled-sentence no-print">
      <Say
        it="log.cellsShowWhat"
        what={
          <RuledWord
            name={say('log.cellsShow')}
            value={measure.code}
            choices={measures.map((m) => ({ value: m.code, label: m.name }))}
            onChoose={onMeasure}
          />
        }
      />
    </div>
  );
}

function NoCell() {
  return (
    <section className="section">
      <h2>{say('log.oneLook')}</h2>
      <p>{say('log.chooseCellStoryWrote')}</p>
    </section>
  );
}
