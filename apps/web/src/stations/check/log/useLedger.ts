import { say } from '@bright-sprout/words/say';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type LogCell, type LogRow } from '@bright-sprout/core/readings/logRows';
import { readQuickEntry } from '@bright-sprout/core/readings/quickEntry';
import { type KeyboardEvent, useCallback, useEffect, useRef, useState } from 'react';
import { cellText } from './cellText';
import { type LogEntry } from './useLogEntry';

export interface LedgerTable {
  /** What the cells show and take. */
  measure: Measure;
  resolution: RulerResolution;
  rows: LogRow[];
  days: IsoDay[];
  cell: (row: LogRow, day: IsoDay) => LogCell | null;
  entry: LogEntry;
  /** Brings a row into sight, so that it is drawn. */
  showRow: (row: number) => void;
}

/** How long a typed value is shown as on its way after it arrived, until the records are fetched anew. */
const SETTLES_MS = 1500;
const ROWS_OF_A_PAGE = 15;

/** Plant → day → what was typed and is on its way. */
type Pending = Readonly<Record<string, Readonly<Record<IsoDay, string>>>>;

function without(waits: Pending[string] = {}, day: IsoDay): Pending[string] {
  return Object.fromEntries(Object.entries(waits).filter(([other]) => other !== day));
}

/** Where the hand is in the table and what is being typed: arrows move, typing begins an entry, Enter goes down and Tab to the right. */
export function useLedger({ measure, resolution, rows, days, cell, entry, showRow }: LedgerTable) {
  const [at, setAt] = useState({ row: 0, day: days.length - 1 });
  const [editing, setEditing] = useState<{ row: LogRow; day: IsoDay; text: string } | null>(null);
  const [refused, setRefused] = useState('');
  const [pending, setPending] = useState<Pending>({});
  const table = useRef<HTMLTableElement>(null);
  const moved = useRef(false);
  const here = { row: Math.min(at.row, rows.length - 1), day: Math.min(at.day, days.length - 1) };
  useEffect(() => {
    if (!moved.current || editing) return;
    const there = table.current?.querySelector<HTMLElement>(`[data-cell="${here.row} ${here.day}"]`);
    if (!there) return;
    moved.current = false;
    there.focus();
  });
  const textOf = (row: LogRow, day: IsoDay) => cellText(cell(row, day)?.reading ?? null, measure, resolution);
  const goTo = (row: number, day: number) => {
    moved.current = true;
    const to = { row: Math.max(0, Math.min(rows.length - 1, row)), day: Math.max(0, Math.min(days.length - 1, day)) };
    setAt(to);
    showRow(to.row);
  };
  const begin = (text: string, row = rows[here.row]!, day = days[here.day]!) => setEditing({ row, day, text });
  const leave = () => {
    setEditing(null);
    setRefused('');
  };
  /** Keeps what is being typed in its own cell; false while it cannot be read. */
  const keep = (): boolean => {
    if (!editing) return true;
    const { row, day, text } = editing;
    if (text.trim() === '' || text.trim() === textOf(row, day)) {
      leave();
      return true;
    }
    const read =
      day <= row.sownOn ? { ok: false as const, reason: say('log.dayAfterSowing') } : readQuickEntry(text, measure, resolution);
    if (!read.ok) {
      setRefused(`${row.name}: ${read.reason}`);
      return false;
    }
    setPending((p) => ({ ...p, [row.name]: { ...p[row.name], [day]: text.trim() } }));
    const settle = () => setPending((p) => ({ ...p, [row.name]: without(p[row.name], day) }));
    entry.save(row, day, read, cell(row, day)).then(() => setTimeout(settle, SETTLES_MS), settle);
    leave();
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
      return leave();
    }
    if (editing) return;
    if (e.key === 'ArrowDown') return step(1, 0);
    if (e.key === 'ArrowUp') return step(-1, 0);
    if (e.key === 'ArrowRight') return step(0, 1);
    if (e.key === 'ArrowLeft') return step(0, -1);
    if (e.key === 'PageDown') return step(ROWS_OF_A_PAGE, 0);
    if (e.key === 'PageUp') return step(-ROWS_OF_A_PAGE, 0);
    if (e.key === 'Home') return step(e.ctrlKey ? -rows.length : 0, -here.day);
    if (e.key === 'End') return step(e.ctrlKey ? rows.length : 0, days.length);
    if (e.key === 'F2') {
      e.preventDefault();
      return begin(textOf(rows[here.row]!, days[here.day]!));
    }
    if (e.key.length === 1 && !e.ctrlKey && !e.metaKey && !e.altKey) {
      e.preventDefault();
      begin(e.key);
    }
  };
  const latest = useRef(keep);
  useEffect(() => {
    latest.current = keep;
  });
  return {
    table,
    here,
    editing,
    refused,
    /** What was typed and is on its way, by plant and day. */
    waits: pending,
    beginWithWhatStands: (row: LogRow, day: IsoDay) => begin(textOf(row, day), row, day),
    type: useCallback((text: string) => {
      setEditing((e) => e && { ...e, text });
      setRefused('');
    }, []),
    /** The field is left, by a click elsewhere: what is in it is kept. */
    leaveCell: useCallback(() => void latest.current(), []),
    setAt,
    onKeyDown,
  };
}
