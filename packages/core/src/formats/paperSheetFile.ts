import { say } from '@bright-sprout/words/say';
import { type IsoDay, isIsoDay } from '../calendar/days';
import { type Finding } from '../measures/finding';
import { choiceWords, shownUnit, valueNumber } from '../measures/findingWords';
import { type Measure } from '../measures/measure';
import { parseFinding } from '../measures/parseFinding';
import { type RulerResolution } from '../quantities/length';
import { LOST_REASONS, type LostReason, type ReadingState } from '../readings/reading';
import { stateOf } from './table/stateWords';
import { type Sheet } from './table/sheet';

/** What one line of a sheet's file says: a look at a plant on a day. */
export interface PaperLook {
  name: string;
  day: IsoDay;
  state: Extract<ReadingState, 'measured' | 'not-up' | 'lost' | 'not-checked'>;
  findings: Finding[];
  lostReason: LostReason | null;
}

export interface PaperFacts {
  measures: readonly Measure[];
  resolution: RulerResolution;
}

const head = (measure: Measure, resolution: RulerResolution) => {
  const unit = shownUnit(measure, { resolution });
  return unit === '' ? measure.name : `${measure.name} (${unit})`;
};

const STATES = ['measured', 'not-up', 'lost', 'not-checked'] as const;

/** The lines of a sheet's file, its heading first: every plant on every day, with a column for each measure; what stands already is in it. */
export function paperSheetLines(
  looks: readonly {
    name: string;
    day: IsoDay;
    look: { state: ReadingState; findings: readonly Finding[]; lostReason: LostReason | null } | null;
  }[],
  { measures, resolution }: PaperFacts,
): string[][] {
  const cell = (measure: Measure, findings: readonly Finding[]) => {
    const found = findings.find((f) => f.measure === measure.code);
    if (!found) return '';
    return found.value === null ? choiceWords(measure, found.choice ?? '') : valueNumber(measure, found.value, { resolution });
  };
  return [
    ['plant', 'date', 'state', ...measures.map((m) => head(m, resolution)), say('formats.lostBecause')],
    ...looks.map(({ name, day, look }) => [
      name,
      day,
      look && look.state !== 'measured' ? look.state : '',
      ...measures.map((m) => (look ? cell(m, look.findings) : '')),
      look?.lostReason ?? '',
    ]),
  ];
}

/**
 * Reads a filled-in file of a sheet. Empty lines say nothing; every cell that cannot be read is told with its line, the others stand.
 * @param names plants of the sheet
 * @param days of the sheet that have come
 */
export function readPaperSheet(
  { headings, rows }: Sheet,
  names: ReadonlySet<string>,
  days: ReadonlySet<IsoDay>,
  { measures, resolution }: PaperFacts,
): { looks: PaperLook[]; problems: { line: number; sentence: string }[] } {
  const column = (wanted: string) => headings.findIndex((h) => h.toLowerCase() === wanted);
  const [plant, date, state, because] = ['plant', 'date', 'state', say('formats.lostBecause')].map(column) as [
    number,
    number,
    number,
    number,
  ];
  if (plant < 0 || date < 0)
    return {
      looks: [],
      problems: [{ line: 1, sentence: say('formats.fileSheetColumnsPlant') }],
    };
  const columns = measures.map((m) => ({ measure: m, at: headings.indexOf(head(m, resolution)) })).filter((c) => c.at >= 0);
  const problems: { line: number; sentence: string }[] = [];
  const looks = rows.flatMap(({ line, cells }): PaperLook[] => {
    const wrong = (sentence: string) => (problems.push({ line, sentence }), []);
    const [name, day] = [cells[plant]!.trim(), cells[date]!.trim().slice(0, 10)];
    const stateText = state < 0 ? '' : cells[state]!.trim();
    const filled = columns.filter((c) => cells[c.at]!.trim() !== '');
    if (stateText === '' && filled.length === 0) return [];
    if (!names.has(name)) return wrong(say('formats.plantSheet', { name }));
    if (!isIsoDay(day) || !days.has(day)) return wrong(say('formats.daySheetCome', { day }));
    const named = stateText === '' ? null : stateOf(stateText);
    const known = STATES.find((s) => s === (named ?? 'measured'));
    if (stateText !== '' && (named === null || !known))
      return wrong(say('formats.stateUse', { stateText, states: STATES.join(', ') }));
    const findings: Finding[] = [];
    for (const { measure, at } of filled) {
      const read = parseFinding(measure, cells[at]!, { resolution });
      if (!read.ok) return wrong(`${name}, ${measure.name}: ${read.reason}`);
      findings.push(read.finding);
    }
    if (known !== 'measured' && findings.some((f) => f.value !== 0))
      return wrong(say('formats.yetSomethingFoundLeave', { name, stateText }));
    if (known === 'measured' && findings.length === 0) return wrong(say('formats.saidMeasuredYetNothing', { name }));
    const reason = because < 0 ? null : (LOST_REASONS.find((r) => r === cells[because]!.trim()) ?? null);
    return [
      {
        name,
        day,
        state: known!,
        findings: known === 'measured' ? findings : [],
        lostReason: known === 'lost' ? (reason ?? 'other') : null,
      },
    ];
  });
  return { looks, problems };
}
