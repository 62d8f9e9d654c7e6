import { say } from '@bright-sprout/words/say';
import { dayInZone, instantInZone, isIsoDay } from '../calendar/days';
import { type DateOrder, guessDateOrder, readDate } from './table/readDate';
import { readCsvSheet } from './table/readCsvSheet';
import { type SheetRow } from './table/sheet';
import { type Result } from '../result/result';
import { quantile } from '../statistics/quantile';
import { ROOM_KINDS, ROOM_LIMITS, ROOM_WORDS, type RoomKind, type RoomReading } from '../room/roomRecord';

/** In what a logger writes its temperatures. */
export type Degrees = 'celsius' | 'fahrenheit';

export interface LoggerFile {
  readings: RoomReading[];
  skipped: { line: number; sentence: string }[];
  /** Readings that were left out so that a person can use the rest; every nth one is kept. */
  thinnedBy: number;
}

const COLUMNS: Record<RoomKind, RegExp> = {
  temperature: /temp|°\s*[cf]|celsius|fahrenheit/i,
  light: /light|lux|licht/i,
  moisture: /moist|humid.*soil|vwc/i,
  ph: /^ph$/i,
};

/** A room is seen well enough with so many readings: one a quarter of an hour over two months. */
const MOST_READINGS = 6000;
/** No room in which a class works is as warm in °C for half of the time. */
const TOO_WARM = 45;

/**
 * Reads a logger's table: a column with date and time, and one or more that are known by their heading. A time without a zone is
 * that of the clock in the class's room.
 * @param degrees null where the heading says it
 */
export function readLoggerCsv(text: string, timeZone: string, degrees: Degrees | null = null): Result<LoggerFile> {
  const read = readCsvSheet(text);
  if (!read.ok) return read;
  const { headings, rows } = read.sheet;
  if (text.includes('\uFFFD')) return { ok: false, reason: say('formats.someLettersFileCannot') };
  const time = headings.findIndex((h) => /time|date|when|^at$/i.test(h));
  if (time < 0) return { ok: false, reason: say('formats.columnDateTimeHeading') };
  const known = ROOM_KINDS.flatMap((kind) => {
    const column = headings.findIndex((h, i) => i !== time && COLUMNS[kind].test(h));
    return column < 0 ? [] : [{ kind, column }];
  });
  if (known.length === 0) return { ok: false, reason: say('formats.columnKnownTemperatureLight') };
  const written = degrees ?? degreesIn(headings[known.find((k) => k.kind === 'temperature')?.column ?? -1] ?? '');
  if (written === null && looksLikeFahrenheit(known, rows))
    return { ok: false, reason: say('formats.temperaturesFChooseBeside') };
  const dateOrder = guessDateOrder(rows.map((r) => r.cells[time]!.trim().split(/[T ]/)[0]!));
  const skipped: LoggerFile['skipped'] = [];
  const readings = rows.flatMap(({ line, cells }) => {
    const stamp = cells[time]!.trim();
    const at = readStamp(stamp, dateOrder, timeZone);
    if (at === null) {
      skipped.push({ line, sentence: say('formats.timeLike', { stamp }) });
      return [];
    }
    return known.flatMap(({ kind, column }): RoomReading[] => {
      const typed = cells[column]!.trim().replace(',', '.');
      if (typed === '') return [];
      const number = Number(typed);
      const value = kind === 'temperature' && written === 'fahrenheit' ? Math.round(((number - 32) / 1.8) * 100) / 100 : number;
      const [low, high] = ROOM_LIMITS[kind];
      if (Number.isFinite(value) && value >= low && value <= high) return [{ at: at.toISOString(), kind, value }];
      skipped.push({ line, sentence: say('formats.isNotBetweenAnd', { name: ROOM_WORDS[kind].name, typed, low, high }) });
      return [];
    });
  });
  const thinnedBy = Math.max(1, Math.ceil(readings.length / MOST_READINGS));
  const kinds = known.length;
  const kept = readings.filter((_, i) => Math.floor(i / kinds) % thinnedBy === 0);
  return { ok: true, readings: kept, skipped, thinnedBy };
}

function degreesIn(heading: string): Degrees | null {
  if (/°\s*f|fahrenheit|\bf\b|\(f\)/i.test(heading)) return 'fahrenheit';
  return /°\s*c|celsius|\bc\b|\(c\)/i.test(heading) ? 'celsius' : null;
}

function looksLikeFahrenheit(known: readonly { kind: RoomKind; column: number }[], rows: readonly SheetRow[]): boolean {
  const column = known.find((k) => k.kind === 'temperature')?.column;
  if (column === undefined) return false;
  const values = rows.map((r) => Number(r.cells[column]!.replace(',', '.'))).filter((v) => Number.isFinite(v) && v !== 0);
  return values.length > 0 && quantile(values, 0.5) > TOO_WARM;
}

const STAMP = /^(\S+?)[T ,]+(\d{1,2}):(\d{2})(?::(\d{2})(?:\.\d+)?)?\s*(am|pm)?\s*(z|[+-]\d\d:?\d\d)?$/i;

/** A moment as loggers write it: `2026-03-19 14:30`, `19/03/2026 2:30 PM`, `2026-03-19T14:30:00Z`. */
function readStamp(stamp: string, order: DateOrder, timeZone: string): Date | null {
  const parts = STAMP.exec(stamp);
  const day = parts && readDate(parts[1]!, order);
  if (!parts || !day || !isIsoDay(day)) return null;
  const [hours, minutes, seconds] = [Number(parts[2]), parts[3]!, parts[4] ?? '00'];
  const half = parts[5]?.toLowerCase();
  const hour = half ? (hours % 12) + (half === 'pm' ? 12 : 0) : hours;
  if (hour > 23 || Number(minutes) > 59 || Number(seconds) > 59) return null;
  const clock = `${String(hour).padStart(2, '0')}:${minutes}:${seconds}`;
  const zone = parts[6];
  if (!zone) return instantInZone(day, clock, timeZone);
  const at = Date.parse(`${day}T${clock}${/z/i.test(zone) ? 'Z' : zone.replace(/^(...)(\d\d)$/, '$1:$2')}`);
  return Number.isNaN(at) || !isIsoDay(dayInZone(new Date(at), 'UTC')) ? null : new Date(at);
}
