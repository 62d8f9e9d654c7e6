import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { dayAndDate, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type PaperLook } from '@bright-sprout/core/formats/paperSheetFile';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { type PaperSheet } from '@bright-sprout/core/paper/paperSheets';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { readQuickEntry } from '@bright-sprout/core/readings/quickEntry';
import { type FocusEvent, useState } from 'react';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { cellText } from './cellText';
import { type LogEntry } from './useLogEntry';

interface Props {
  records: InvestigationRecords;
  sheet: PaperSheet;
  days: readonly IsoDay[];
  rows: readonly LogRow[];
  measures: readonly Measure[];
  cell: (row: LogRow, day: IsoDay) => LogCell | null;
  entry: LogEntry;
  onLookAt: (name: string, day: IsoDay) => void;
}

/** A paper sheet on the screen, in the order of the paper: day by day, line by line, along the columns. A line is one look. */
export function PaperEntry({ days, rows, ...props }: Props) {
  // Later sowings are not looked at before they are sown.
  const tables = days.map((day) => ({ day, sown: rows.filter((r) => r.sownOn <= day) })).filter((t) => t.sown.length > 0);
  return tables.map(({ day, sown }) => (
    <table key={day} className="paper-entry">
      <caption>{new Set(sown.map((r) => r.sownOn)).size > 1 ? formatDay(day) : dayAndDate(sown[0]!.sownOn, day)}</caption>
      <thead>
        <tr>
          <th scope="col">{say('common.plant')}</th>
          {props.measures.map((m) => (
            <th key={m.code} scope="col">
              {m.name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {sown.map((row) => (
          <PaperLine key={row.name} {...props} row={row} day={day} />
        ))}
      </tbody>
    </table>
  ));
}

function PaperLine({
  records: { investigation },
  sheet,
  measures,
  cell,
  entry,
  onLookAt,
  row,
  day,
}: Omit<Props, 'days' | 'rows'> & { row: LogRow; day: IsoDay }) {
  const { resolution } = investigation;
  const stands = cell(row, day);
  const before = (m: Measure) => cellText(stands?.reading ?? null, m, resolution).replace('·', '');
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const [wrong, setWrong] = useState('');
  const leave = (event: FocusEvent<HTMLTableRowElement>) => {
    if (event.currentTarget.contains(event.relatedTarget)) return;
    const changed = measures.filter(
      (m) => typed[m.code] !== undefined && typed[m.code]!.trim() !== before(m) && typed[m.code]!.trim() !== '',
    );
    if (changed.length === 0) return setTyped({});
    const read = lookOf(row, day, changed, typed, resolution);
    if (typeof read === 'string') return setWrong(read);
    setWrong('');
    void entry.saveLook(row, read, stands, say('log.fromSheet', { code: sheet.code })).then(
      () => setTyped({}),
      () => undefined,
    );
  };
  return (
    <>
      <tr onBlur={leave} onFocus={() => onLookAt(row.name, day)} className={stands?.doubtful ? 'doubtful' : undefined}>
        <th scope="row">
          <TreatmentMark code={row.treatment} size={15} /> {row.name}
          {stands?.doubtful && <span className="paper-entry-ask"> {say('log.asksQuestionRight')}</span>}
        </th>
        {measures.map((m) => (
          <td key={m.code}>
            {/* What is of the container is asked once, at its first plant. */}
            {(m.of === 'plant' || row.plant === '1') && (
              <input
                aria-label={`${row.name}, ${m.name}`}
                value={typed[m.code] ?? before(m)}
                autoComplete="off"
                spellCheck={false}
                onChange={(e) => {
                  setTyped({ ...typed, [m.code]: e.target.value });
                  setWrong('');
                }}
              />
            )}
          </td>
        ))}
      </tr>
      {wrong && (
        <tr>
          <td colSpan={measures.length + 1} className="paper-sheet-unknown" role="alert">
            {wrong}
          </td>
        </tr>
      )}
    </>
  );
}

/** What a line says; a sentence where it cannot be read. A letter for a state speaks for the whole line. */
function lookOf(
  row: LogRow,
  day: IsoDay,
  changed: readonly Measure[],
  typed: Readonly<Record<string, string>>,
  resolution: InvestigationRecords['investigation']['resolution'],
): PaperLook | string {
  const look: PaperLook = { name: row.name, day, state: 'measured', findings: [], lostReason: null };
  for (const m of changed) {
    const read = readQuickEntry(typed[m.code]!, m, resolution);
    if (!read.ok) return `${row.name}, ${m.name}: ${read.reason}`;
    if (read.state === 'measured') look.findings.push(read.finding);
    else {
      look.state = read.state;
      look.lostReason = read.state === 'lost' ? read.lostReason : null;
    }
  }
  if (look.state === 'measured') return look;
  return look.findings.length > 0 ? say('log.valueLetterStandLine', { name: row.name }) : look;
}
