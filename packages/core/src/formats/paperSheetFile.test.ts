import { choiceFound, numberFound } from '../measures/finding';
import { BUILT_IN } from '../measures/registry';
import { paperSheetLines, readPaperSheet } from './paperSheetFile';
import { csvOf } from './export/exportTable';
import { readCsvSheet } from './table/readCsvSheet';

const FACTS = { measures: BUILT_IN, resolution: 'mm' as const };
const NAMES = new Set(['A1', 'B1']);
const DAYS = new Set(['2026-03-16', '2026-03-18']);

const sheetOf = (lines: string[][]) => {
  const [headings, ...rows] = lines as [string[], ...string[][]];
  const text = csvOf({ columns: headings.map((name) => ({ name, type: 'string', description: '', unit: '' })), rows });
  const read = readCsvSheet(text);
  if (!read.ok) throw new Error(read.reason);
  return read.sheet;
};

test('what stands in a sheet goes out with every measure, and comes back as it was', () => {
  const findings = BUILT_IN.map((m) => (m.choices[0] ? choiceFound(m.code, m.choices[0].code) : numberFound(m.code, 12)));
  const lines = paperSheetLines(
    [
      { name: 'A1', day: '2026-03-16', look: { state: 'measured', findings, lostReason: null } },
      { name: 'B1', day: '2026-03-16', look: { state: 'lost', findings: [], lostReason: 'eaten' } },
      { name: 'A1', day: '2026-03-18', look: { state: 'not-up', findings: [], lostReason: null } },
      { name: 'B1', day: '2026-03-18', look: null },
    ],
    FACTS,
  );
  const { looks, problems } = readPaperSheet(sheetOf(lines), NAMES, DAYS, FACTS);
  expect(problems).toEqual([]);
  expect(looks.map((l) => [l.name, l.day, l.state, l.lostReason])).toEqual([
    ['A1', '2026-03-16', 'measured', null],
    ['B1', '2026-03-16', 'lost', 'eaten'],
    ['A1', '2026-03-18', 'not-up', null],
  ]);
  expect(looks[0]!.findings.map(({ measure, value, choice }) => ({ measure, value, choice }))).toEqual(
    findings.map(({ measure, value, choice }) => ({ measure, value, choice })),
  );
});

test('what cannot be read is told by its line, and the rest stands', () => {
  const lines = [
    ['plant', 'date', 'state', 'height (cm)', 'lost because'],
    ['A1', '2026-03-16', '', '12,5', ''],
    ['Z9', '2026-03-16', '', '3', ''],
    ['A1', '2026-03-17', '', '3', ''],
    ['B1', '2026-03-16', '', 'tall', ''],
    ['B1', '2026-03-18', 'lost', '4', ''],
    ['B1', '2026-03-18', 'asleep', '', ''],
    ['B1', '2026-03-18', '', '', ''],
  ];
  const { looks, problems } = readPaperSheet(sheetOf(lines), NAMES, DAYS, FACTS);
  expect(looks).toEqual([expect.objectContaining({ name: 'A1', findings: [expect.objectContaining({ value: 125 })] })]);
  expect(problems.map((p) => p.line)).toEqual([3, 4, 5, 6, 7]);
  expect(readPaperSheet({ headings: ['a', 'b'], rows: [] }, NAMES, DAYS, FACTS).problems[0]!.sentence).toMatch(
    /not the file of a sheet/,
  );
});

const HEADS = ['plant', 'date', 'state', 'height (cm)', 'lost because'];
const readLines = (...lines: string[][]) => readPaperSheet(sheetOf([HEADS, ...lines]), NAMES, DAYS, FACTS);

test.each([[['plant', 'state']], [['date', 'state']]])('a file with the columns %j is none of a sheet', (headings) => {
  const { looks, problems } = readPaperSheet({ headings, rows: [] }, NAMES, DAYS, FACTS);
  expect([looks, problems.length]).toEqual([[], 1]);
});

test('columns may stand in any order, and blanks about what is written say nothing', () => {
  const sheet = {
    headings: ['height (cm)', 'state', 'lost because', 'date', 'plant'],
    rows: [
      { line: 2, cells: [' 12.5 ', ' ', '', ' 2026-03-16 ', ' A1 '] },
      { line: 3, cells: ['', ' lost ', ' eaten ', '2026-03-18T00:00', 'A1'] },
    ],
  };
  expect(readPaperSheet(sheet, NAMES, DAYS, FACTS)).toEqual({
    problems: [],
    looks: [
      expect.objectContaining({
        name: 'A1',
        day: '2026-03-16',
        state: 'measured',
        findings: [expect.objectContaining({ value: 125 })],
      }),
      { name: 'A1', day: '2026-03-18', state: 'lost', findings: [], lostReason: 'eaten' },
    ],
  });
  const dated = { headings: ['date', 'plant', 'height (cm)'], rows: [{ line: 2, cells: ['2026-03-16', 'A1', '3'] }] };
  expect(readPaperSheet(dated, NAMES, DAYS, FACTS)).toMatchObject({ problems: [], looks: [{ state: 'measured' }] });
});

test('a state and what was found have to fit; a loss without a reason has another one; a count of none goes with not up', () => {
  expect(readLines(['A1', '2026-03-16', 'measured', '', '']).problems[0]!.sentence).toMatch(/nothing stands beside it/);
  expect(readLines(['A1', '2026-03-16', 'moved', '', '']).problems[0]!.sentence).toMatch(/is not a state/);
  expect(readLines(['A1', '2026-03-16', 'lost', '', 'bored']).looks).toMatchObject([{ state: 'lost', lostReason: 'other' }]);
  const counts = { ...FACTS, measures: BUILT_IN.filter((m) => m.code === 'seeds-up') };
  const sheet = sheetOf([
    ['plant', 'date', 'state', counts.measures[0]!.name],
    ['A1', '2026-03-16', 'not-up', '0'],
    ['B1', '2026-03-16', 'not-up', '2'],
  ]);
  const { looks, problems } = readPaperSheet(sheet, NAMES, DAYS, counts);
  expect(looks).toEqual([{ name: 'A1', day: '2026-03-16', state: 'not-up', findings: [], lostReason: null }]);
  expect(problems.map((p) => p.line)).toEqual([3]);
});
