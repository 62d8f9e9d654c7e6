import { say } from '@bright-sprout/words/say';
import { addDays, formatDay, type IsoDay, weekday } from '../calendar/days';
import { isNumeric, type Measure } from '../measures/measure';
import { RESOLUTION_UNIT, type RulerResolution } from '../quantities/length';

/** How many days one sheet is for. */
export const SHEET_PERIODS = ['day', 'week', 'whole'] as const;
export type SheetPeriod = (typeof SHEET_PERIODS)[number];

/** A sheet on which a team writes down what it sees in a period: its containers in tray order, its days, and a column for every measure. */
export interface PaperSheet {
  /** Names this sheet among all of its investigation: typed in to bring it back. */
  code: string;
  teamId: string | null;
  period: SheetPeriod;
  /** Its day, the Monday of its week, or the first day of all. */
  from: IsoDay;
  days: IsoDay[];
  containers: string[];
}

/** Letters and figures that are not read for one another, also by hand. */
const SIGNS = 'ABCDEFGHJKLMNPRSTUVWXYZ23456789';
const SIGNS_OF_CODE = 4;

const mondayOf = (day: IsoDay) => addDays(day, -((weekday(day) + 6) % 7));

/** The same code for the same sheet, on every device and every day. */
function sheetCode(of: string): string {
  let hash = 0x811c9dc5;
  for (const c of of) hash = Math.imul(hash ^ c.codePointAt(0)!, 0x01000193) >>> 0;
  // Mixed once more, so that neighbours do not look alike.
  hash = Math.imul(hash ^ (hash >>> 15), 0x2c1b3c6d) >>> 0;
  hash = (hash ^ (hash >>> 12)) >>> 0;
  return Array.from({ length: SIGNS_OF_CODE }, (_, i) => SIGNS[Math.floor(hash / SIGNS.length ** i) % SIGNS.length]).join('');
}

const startOf: Record<SheetPeriod, (day: IsoDay, days: readonly IsoDay[]) => IsoDay> = {
  day: (day) => day,
  week: mondayOf,
  whole: (_, days) => days[0]!,
};

/**
 * The sheets of an investigation for every period, in order, and team by team; no two have the same code.
 * @param days on which it is looked at
 * @param containers in tray order
 */
export function paperSheets(
  investigationId: string,
  days: readonly IsoDay[],
  containers: readonly { id: string; teamId: string | null }[],
): PaperSheet[] {
  const teams = [...new Set(containers.map((c) => c.teamId))];
  const sorted = [...new Set(days)].sort();
  const taken = new Set<string>();
  const codeOf = (of: string) => {
    for (let again = 0; ; again++) {
      const code = sheetCode(again === 0 ? of : `${of} ${again}`);
      if (taken.has(code)) continue;
      taken.add(code);
      return code;
    }
  };
  return SHEET_PERIODS.flatMap((period) => {
    const starts = [...new Set(sorted.map((day) => startOf[period](day, sorted)))];
    return starts.flatMap((from) =>
      teams.map((teamId) => ({
        // All days begin at none: a look before the first of them makes no other sheet.
        code: codeOf(`${investigationId} ${teamId ?? 'class'} ${period} ${period === 'whole' ? '' : from}`),
        teamId,
        period,
        from,
        days: sorted.filter((day) => startOf[period](day, sorted) === from),
        containers: containers.filter((c) => c.teamId === teamId).map((c) => c.id),
      })),
    );
  });
}

/** `Monday 9 March`, `week of Monday 9 March`, `all days`. */
export function periodWords({ period, from }: Pick<PaperSheet, 'period' | 'from'>): string {
  if (period === 'whole') return say('paper.allDays');
  return period === 'week' ? say('paper.weekOf', { day: formatDay(from) }) : formatDay(from);
}

/** What was typed, as a code: small letters and signs that look alike are forgiven. */
export function readSheetCode(typed: string): string {
  return typed
    .toUpperCase()
    .replace(/O/g, '0')
    .replace(/[^A-Z0-9]/g, '')
    .replace(/0/g, 'D')
    .replace(/1/g, 'L')
    .replace(/I/g, 'L')
    .replace(/Q/g, 'D');
}

/** A column to write in. */
export interface PaperColumn {
  measure: string;
  head: string;
  /** Beneath the head: the unit, or what can be chosen. */
  under: string;
  /** Choices to tick; empty where a number is written. */
  ticks: string[];
}

/** Blank columns for every measure of a protocol, in the order in which the bench asks. */
export function paperColumns(measures: readonly Measure[], resolution: RulerResolution): PaperColumn[] {
  return measures.map((m) => {
    const chosen = !isNumeric(m);
    const unit = m.quantity === 'length' && m.byRuler ? RESOLUTION_UNIT[resolution] : (m.shownIn[0] ?? m.unit);
    return {
      measure: m.code,
      head: m.name,
      under: chosen ? say('paper.tickOne') : m.quantity === 'count-of' || m.quantity === 'count' ? say('paper.howMany') : unit,
      ticks: chosen ? m.choices.map((c) => c.words) : [],
    };
  });
}
