import { say } from '@bright-sprout/words/say';
import Papa from 'papaparse';
import { type IsoDay, isIsoDay } from '../calendar/days';
import { type QuickEntry, readQuickEntry } from '../readings/quickEntry';
import { type RulerResolution } from '../quantities/length';
import { type Measure } from '../measures/measure';
import { guardCell } from './csvCells';
import { readCsvSheet } from './table/readCsvSheet';

/** The sheet that teams fill in on paper or in a table: a line for each plant, a column for each check day; UTF-8 with its mark. */
export function writeRecordSheet(
  plants: readonly { name: string; treatment: string }[],
  days: readonly IsoDay[],
  cell: (name: string, day: IsoDay) => string,
): string {
  const lines = [
    ['plant', 'treatment', ...days],
    ...plants.map((p) => [p.name, p.treatment, ...days.map((d) => cell(p.name, d))]),
  ];
  return `\uFEFF${Papa.unparse(lines.map((line) => line.map(guardCell)))}`;
}

export interface SheetEntry {
  name: string;
  day: IsoDay;
  entry: Extract<QuickEntry, { ok: true }>;
}

export interface SheetProblem {
  line: number;
  sentence: string;
}

/**
 * Reads a filled-in sheet. Empty cells say nothing. Every cell that cannot be read is told with its line; the others stand.
 * @param names plants that may be written about
 * @param sownOn first day that may be written about
 */
export function readRecordSheet(
  text: string,
  names: ReadonlySet<string>,
  { sownOn, today, resolution, measure }: { sownOn: IsoDay; today: IsoDay; resolution: RulerResolution; measure: Measure },
): { entries: SheetEntry[]; problems: SheetProblem[] } {
  const csv = readCsvSheet(text);
  if (!csv.ok) return { entries: [], problems: [{ line: 1, sentence: csv.reason }] };
  const { headings, rows } = csv.sheet;
  const problems: SheetProblem[] = [];
  const days = headings.filter(isIsoDay);
  const plantColumn = headings.findIndex((h) => /^(plant|container|pot|code)$/i.test(h));
  if (plantColumn < 0) return { entries: [], problems: [{ line: 1, sentence: say('formats.columnNamedPlant') }] };
  if (days.length === 0) return { entries: [], problems: [{ line: 1, sentence: say('formats.columnDaySuch') }] };
  for (const day of days)
    if (day <= sownOn || day > today) problems.push({ line: 1, sentence: say('formats.betweenSowingTodayColumn', { day }) });
  const usable = days.filter((day) => day > sownOn && day <= today);
  const entries = rows.flatMap(({ line, cells }) => {
    const name = cells[plantColumn]!.trim();
    if (name === '') return [];
    if (!names.has(name)) {
      problems.push({ line, sentence: say('formats.plantInvestigation', { name }) });
      return [];
    }
    return usable.flatMap((day): SheetEntry[] => {
      const typed = cells[headings.indexOf(day)]!.trim();
      if (typed === '') return [];
      const entry = readQuickEntry(typed, measure, resolution);
      if (entry.ok) return [{ name, day, entry }];
      problems.push({ line, sentence: say('formats.nameOnDayBecause', { name, day, reason: entry.reason }) });
      return [];
    });
  });
  return { entries, problems };
}
