import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { readQuickEntry } from '@bright-sprout/core/readings/quickEntry';
import { replacedBy } from '@bright-sprout/core/readings/reading';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { findingOf } from '@bright-sprout/core/measures/finding';
import { choiceWords, valueNumber } from '@bright-sprout/core/measures/findingWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { type LogEntry } from './useLogEntry';

interface Props {
  records: InvestigationRecords;
  /** What the cells show and take. */
  measure: Measure;
  rows: LogRow[];
  days: IsoDay[];
  cell: (row: LogRow, day: IsoDay) => LogCell | null;
  entry: LogEntry;
  onLookAt: (name: string, day: IsoDay) => void;
}

const MARKS: Record<string, string> = { 'not-up': 'n', lost: 'x', thinned: 'thin', moved: 'moved', 'not-checked': '–' };

/** The table itself: arrows move, typing begins an entry, Enter goes down and Tab to the right. */
export function Ledger({ records, measure, rows, days, cell, entry, onLookAt }: Props) {
  const { resolution } = records.investigation;
  const [at, setAt] = useState({ row: 0, day: days.length - 1 });
  const [editing, setEditing] = useState<{ row: LogRow; day: IsoDay; text: string } | null>(null);
  const [refused, setRefused] = useState('');
  /** What was typed and is on its way, by cell. */
  const [pending, setPending] = useState<Record<string, string>>({});
  const table = useRef<HTMLTableElement>(null);
  const moved = useRef(false);
  const here = { row: Math.min(at.row, rows.length - 1), day: Math.min(at.day, days.length - 1) };
  useEffect(() => {
    if (!moved.current || editing) return;
    moved.current = false;
    table.current?.querySelector<HTMLElement>(`[data-cell="${here.row} ${here.day}"]`)?.focus();
  });
  const goTo = (row: number, day: number) => {
    const to = { row: Math.max(0, Math.min(rows.length - 1, row)), day: Math.max(0, Math.min(days.length - 1, day)) };
    moved.current = true;
    setAt(to);
  };
  const begin = (text: string) => setEditing({ row: rows[here.row]!, day: days[here.day]!, text });
  /** Keeps what is being typed in its own cell; false while it cannot be read. */
  const keep = (): boolean => {
    if (!editing) return true;
    const { row, day, text } = editing;
    const before = cell(row, day);
    if (text.trim() === '' || text.trim() === textOf(before?.reading ?? null, measure, resolution)) {
      setEditing(null);
      setRefused('');
      return true;
    }
    const read =
      day <= row.sownOn
        ? { ok: false as const, reason: 'This day is not after sowing.' }
        : readQuickEntry(text, measure, resolution);
    if (!read.ok) {
      setRefused(`${row.name}: ${read.reason}`);
      return false;
    }
    const key = `${row.name} ${day}`;
    setPending((p) => ({ ...p, [key]: text.trim() }));
    const settle = () =>
      setPending((p) => {
        const rest = { ...p };
        delete rest[key];
        return rest;
      });
    entry.save(row, day, read, before).then(() => setTimeout(settle, 1500), settle);
    setEditing(null);
    setRefused('');
    return true;
  };
  const onKeyDown = (e: KeyboardEvent) => {
    const step = (row: number, day: number) => {
      e.preventDefault();
      if (keep()) goTo(here.row + row, here.day + day);
    };
    if (e.key === 'Enter') return step(1, 0);
    if (e.key === 'Tab' && editing) return step(0, e.shiftKey ? -1 : 1);
    if (e.key === 'Escape' && editing) {
      e.preventDefault();
      moved.current = true;
      setRefused('');
      return setEditing(null);
    }
    if (editing) return;
    if (e.key === 'ArrowDown') return step(1, 0);
    if (e.key === 'ArrowUp') return step(-1, 0);
    if (e.key === 'ArrowRight') return step(0, 1);
    if (e.key === 'ArrowLeft') return step(0, -1);
    if (e.key === 'Home') return step(0, -here.day);
    if (e.key === 'End') return step(0, days.length);
    if (e.key === 'F2') {
      e.preventDefault();
      return begin(textOf(cell(rows[here.row]!, days[here.day]!)?.reading ?? null, measure, resolution));
    }
    if (e.key.length === 1 && !e.ctrlKey && !e.metaKey && !e.altKey) {
      e.preventDefault();
      begin(e.key);
    }
  };
  return (
    <div className="ledger-holder">
      <table className="ledger" role="grid" aria-label="Log of the class" ref={table} onKeyDown={onKeyDown}>
        <thead>
          <tr>
            <th scope="col">Plant</th>
            {days.map((day) => (
              <th key={day} scope="col">
                <span className="numeral">{daysBetween(records.investigation.sownOn, day)}</span>
                <span className="ledger-date">{formatDay(day, 'short').replace(/^\w+ /, '')}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, r) => (
            <tr key={row.name}>
              <th scope="row">
                <TreatmentMark code={row.treatment} size={15} /> {row.name}
              </th>
              {days.map((day, d) => {
                const found = cell(row, day);
                const isHere = here.row === r && here.day === d;
                const typing = editing?.row.name === row.name && editing.day === day;
                const old = found ? replacedBy(records.readings, found.reading.id) : [];
                const waits = pending[`${row.name} ${day}`];
                const words = waits ?? textOf(found?.reading ?? null, measure, resolution);
                return (
                  <td
                    key={day}
                    role="gridcell"
                    data-cell={`${r} ${d}`}
                    tabIndex={isHere && !typing ? 0 : -1}
                    className={`${found?.doubtful ? 'doubtful ' : ''}${old.length > 0 ? 'corrected ' : ''}${waits ? 'waits' : ''}${found?.reading.state === 'measured' ? ' numeral' : ' state'}`}
                    aria-label={`${row.name}, ${formatDay(day)}: ${words || 'nothing'}${found?.doubtful ? ', doubtful' : ''}${old.length > 0 ? `, corrected from ${textOf(old[0]!, measure, resolution)}` : ''}`}
                    onDoubleClick={() => setEditing({ row, day, text: words })}
                    onFocus={() => {
                      setAt({ row: r, day: d });
                      onLookAt(row.name, day);
                    }}
                  >
                    {typing ? (
                      <input
                        autoFocus
                        aria-label={`${row.name} on ${formatDay(day)}`}
                        aria-invalid={refused !== ''}
                        value={editing.text}
                        maxLength={40}
                        onChange={(e) => (setEditing({ ...editing, text: e.target.value }), setRefused(''))}
                        onBlur={keep}
                      />
                    ) : (
                      <>
                        {words}
                        {old.length > 0 && <s className="ledger-old">{textOf(old[0]!, measure, resolution)}</s>}
                      </>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {refused && (
        <p className="ledger-refused" role="alert">
          {refused} What you typed is still in its cell.
        </p>
      )}
    </div>
  );
}

/** What a look found of a measure, as it would be typed; a dot where it found something else. */
export function textOf(reading: LogCell['reading'] | null, measure: Measure, resolution: RulerResolution): string {
  if (!reading) return '';
  if (reading.state !== 'measured') return MARKS[reading.state] ?? '';
  const found = findingOf(reading, measure.code);
  if (found === null) return '·';
  return found.value === null ? choiceWords(measure, found.choice ?? '') : valueNumber(measure, found.value, { resolution });
}
