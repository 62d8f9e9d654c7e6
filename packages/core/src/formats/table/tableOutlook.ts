import { type IsoDay } from '../../calendar/days';
import { type Measure, isNumeric } from '../../measures/measure';
import { type OwnMeasure } from '../../measures/ownMeasure';
import { measureOf } from '../../measures/registry';
import { type TidyTable } from '../tidyTable';
import { measuresIn, type TableProblem, type TableReading } from './columnMeaning';
import { type TableResult } from './readTable';
import { type Sheet } from './sheet';

/** What a table will become, as it is told beside it. */
export interface TableOutlook {
  containers: number;
  plants: number;
  looks: number;
  days: TidyTable['days'];
  sownOn: IsoDay;
  /** Days on which somebody looked, in order. */
  lookedOn: IsoDay[];
  factor: string;
  treatments: { code: string; label: string; control: boolean; containers: number }[];
  /** Codes of what was measured, the one that is drawn first. */
  measures: string[];
  /** Measures that are not built in, as they were when the table was read so: what is chosen meanwhile is read a moment later. */
  own: readonly OwnMeasure[];
  /** Heights of nought were found and read as something. */
  zeros: number;
  /** A count needs to know out of how many. */
  needsSeeds: boolean;
  strip: Strip | null;
  /** Lines that wait to be put right or left out, and the first of their problems. */
  waiting: number[];
  problems: TableProblem[];
  shown: ShownPart[];
}

/** One mark a container, by treatment, on the day on which most were measured. */
export interface Strip {
  measure: string;
  day: IsoDay;
  groups: { code: string; label: string; values: number[]; mean: number; containers: number }[];
}

/** What stands of the table on the page: lines, and folds where nothing is asked. */
export type ShownPart =
  | { kind: 'line'; line: number; cells: string[]; problems: TableProblem[]; leftOut: boolean }
  | { kind: 'fold'; from: number; to: number; count: number };

const FIRST_LINES = 9;
const MOST_LINES = 60;
const MOST_PROBLEMS = 300;
const MOST_MARKS = 60;
const LONGEST_CELL = 60;

export function tableOutlook(sheet: Sheet, reading: TableReading, { table, problems }: TableResult): TableOutlook {
  const measured = [...new Set(measuresIn(reading).map((c) => c.measure))];
  const used = measured.filter((code) => table.readings.some((r) => r.findings.some((f) => f.measure === code)));
  const main = used.map((code) => measureOf(code, reading.own)).find((m) => m !== null && isNumeric(m)) ?? null;
  return {
    containers: table.units.length,
    plants: new Set(table.readings.map((r) => `${r.unit}\u0001${r.plant}`)).size,
    looks: table.readings.length,
    days: table.days,
    sownOn: table.sownOn,
    lookedOn: [...new Set(table.readings.map((r) => r.day))].sort(),
    factor: table.factor,
    treatments: table.treatments.map((t) => ({ ...t, containers: table.units.filter((u) => u.treatment === t.code).length })),
    measures: used.length > 0 ? used : measured,
    own: reading.own,
    zeros: table.readings.filter((r) => r.state === 'not-up').length,
    needsSeeds: problems.some((p) => p.line === 1 && /of how many seeds/.test(p.sentence)) || reading.seedsEach !== null,
    strip: main && stripOf(table, main),
    waiting: [...new Set(problems.filter((p) => p.line > 1).map((p) => p.line))],
    problems: problems.slice(0, MOST_PROBLEMS),
    shown: shownParts(sheet, reading, problems),
  };
}

function stripOf(table: TidyTable, measure: Measure): Strip | null {
  const treatmentOf = new Map(table.units.map((u) => [u.code, u.treatment]));
  const byDay = new Map<IsoDay, Map<string, number[]>>();
  for (const { unit, day, findings } of table.readings) {
    const value = findings.find((f) => f.measure === measure.code)?.value;
    if (value === undefined || value === null) continue;
    const units = byDay.get(day) ?? new Map<string, number[]>();
    units.set(unit, [...(units.get(unit) ?? []), value]);
    byDay.set(day, units);
  }
  const most = Math.max(0, ...[...byDay.values()].map((units) => units.size));
  const day = [...byDay].filter(([, units]) => units.size >= 0.8 * most).sort(([a], [b]) => (a < b ? 1 : -1))[0]?.[0];
  if (day === undefined) return null;
  const means = [...byDay.get(day)!].map(([unit, values]) => ({ unit, value: meanOf(values) }));
  return {
    measure: measure.code,
    day,
    groups: table.treatments.map(({ code, label }) => {
      const values = means.filter((m) => treatmentOf.get(m.unit) === code).map((m) => m.value);
      const step = Math.max(1, Math.ceil(values.length / MOST_MARKS));
      return { code, label, containers: values.length, mean: meanOf(values), values: values.filter((_, i) => i % step === 0) };
    }),
  };
}

const meanOf = (values: readonly number[]) => values.reduce((sum, v) => sum + v, 0) / values.length;

/** The first lines, and those with a problem or left out, each with a neighbour; what lies between is folded. */
function shownParts({ rows }: Sheet, { mends }: TableReading, problems: readonly TableProblem[]): ShownPart[] {
  const byLine = new Map<number, TableProblem[]>();
  for (const p of problems) if (p.line > 1) byLine.set(p.line, [...(byLine.get(p.line) ?? []), p]);
  const leftOut = new Set(mends.flatMap((m) => (m.kind === 'leave-out' ? [m.line] : [])));
  const mended = new Set(mends.flatMap((m) => (m.kind === 'cell' ? [m.line] : [])));
  const open = new Set<number>();
  rows.forEach(({ line }, i) => {
    if (i < FIRST_LINES) open.add(i);
    else if (open.size < MOST_LINES && (byLine.has(line) || leftOut.has(line) || mended.has(line)))
      [i - 1, i].forEach((k) => open.add(k));
  });
  const parts: ShownPart[] = [];
  rows.forEach(({ line, cells }, i) => {
    if (open.has(i))
      parts.push({
        kind: 'line',
        line,
        cells: cells
          .map((c, k) => mendedCell(mends, line, k) ?? c)
          .map((c) => (c.length > LONGEST_CELL ? `${c.slice(0, LONGEST_CELL)}…` : c)),
        problems: byLine.get(line) ?? [],
        leftOut: leftOut.has(line),
      });
    else {
      const last = parts[parts.length - 1];
      if (last?.kind === 'fold') Object.assign(last, { to: line, count: last.count + 1 });
      else parts.push({ kind: 'fold', from: line, to: line, count: 1 });
    }
  });
  return parts;
}

function mendedCell(mends: TableReading['mends'], line: number, column: number): string | undefined {
  for (let i = mends.length - 1; i >= 0; i--) {
    const m = mends[i]!;
    if (m.kind === 'cell' && m.line === line && m.column === column) return m.text;
  }
  return undefined;
}
