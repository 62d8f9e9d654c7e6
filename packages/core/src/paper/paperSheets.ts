import { addDays, type IsoDay, weekday } from '../calendar/days';
import { isNumeric, type Measure } from '../measures/measure';
import { RESOLUTION_UNIT, type RulerResolution } from '../quantities/length';

/** A sheet on which a team writes down what it sees in a week: its containers in tray order, its days, and a column for every measure. */
export interface PaperSheet {
  /** Names this sheet among all of its investigation: typed in to bring it back. */
  code: string;
  teamId: string | null;
  /** Monday of its week. */
  week: IsoDay;
  days: IsoDay[];
  containers: string[];
}

/** Letters and figures that are not read for one another, also by hand. */
const SIGNS = 'ABCDEFGHJKLMNPRSTUVWXYZ23456789';
const SIGNS_OF_CODE = 4;

const mondayOf = (day: IsoDay) => addDays(day, -((weekday(day) + 6) % 7));

/** The same code for the same sheet, on every device and every day. */
export function sheetCode(investigationId: string, teamId: string | null, week: IsoDay): string {
  let hash = 0x811c9dc5;
  for (const c of `${investigationId} ${teamId ?? 'class'} ${week}`) hash = Math.imul(hash ^ c.codePointAt(0)!, 0x01000193) >>> 0;
  // Mixed once more, so that neighbours do not look alike.
  hash = Math.imul(hash ^ (hash >>> 15), 0x2c1b3c6d) >>> 0;
  hash = (hash ^ (hash >>> 12)) >>> 0;
  return Array.from({ length: SIGNS_OF_CODE }, (_, i) => SIGNS[Math.floor(hash / SIGNS.length ** i) % SIGNS.length]).join('');
}

/**
 * The sheets of an investigation, week by week and team by team.
 * @param days on which it is looked at
 * @param containers in tray order
 */
export function paperSheets(
  investigationId: string,
  days: readonly IsoDay[],
  containers: readonly { id: string; teamId: string | null }[],
): PaperSheet[] {
  const teams = [...new Set(containers.map((c) => c.teamId))];
  const weeks = [...new Set([...days].sort().map(mondayOf))];
  return weeks.flatMap((week) =>
    teams.map((teamId) => ({
      code: sheetCode(investigationId, teamId, week),
      teamId,
      week,
      days: days.filter((d) => mondayOf(d) === week).sort(),
      containers: containers.filter((c) => c.teamId === teamId).map((c) => c.id),
    })),
  );
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
      under: chosen ? 'tick one' : m.quantity === 'count-of' || m.quantity === 'count' ? 'how many' : unit,
      ticks: chosen ? m.choices.map((c) => c.words) : [],
    };
  });
}
