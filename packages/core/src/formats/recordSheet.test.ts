import { HEIGHT } from '../../test/records';
import { readRecordSheet, writeRecordSheet } from './recordSheet';

const SETTING = { sownOn: '2026-03-03', today: '2026-03-19', resolution: 'mm' as const, measure: HEIGHT };
const NAMES = new Set(['A1', 'B1']);

test('a sheet that was written is read again as it was filled in', () => {
  const filled: Record<string, string> = { 'A1 2026-03-16': '12.5', 'B1 2026-03-16': 'n', 'A1 2026-03-18': 'xk' };
  const plants = [
    { name: 'A1', treatment: 'no salt' },
    { name: 'B1', treatment: '=salt' },
  ];
  const text = writeRecordSheet(plants, ['2026-03-16', '2026-03-18'], (name, day) => filled[`${name} ${day}`] ?? '');
  expect(text).toContain("'=salt");
  const { entries, problems } = readRecordSheet(text, NAMES, SETTING);
  expect(problems).toEqual([]);
  expect(entries.map((e) => [e.name, e.day, e.entry.state])).toEqual([
    ['A1', '2026-03-16', 'measured'],
    ['A1', '2026-03-18', 'lost'],
    ['B1', '2026-03-16', 'not-up'],
  ]);
});

test('what cannot be read is told by line, and the rest stands', () => {
  const text = 'plant;2026-03-16;2026-03-25;2026-03-03\nA1;twelve;3;n\nZ9;4;;\nB1;6,5;;\n';
  const { entries, problems } = readRecordSheet(text, NAMES, SETTING);
  expect(entries.map((e) => e.name)).toEqual(['B1']);
  expect(problems.map((p) => p.line)).toEqual([1, 1, 2, 3]);
  expect(problems[3]!.sentence).toContain('Z9');
  expect(readRecordSheet('a,b\n1,2\n', NAMES, SETTING).problems[0]!.sentence).toMatch(/no column named/);
  expect(readRecordSheet('plant,b\nA1,2\n', NAMES, SETTING).problems[0]!.sentence).toMatch(/no column with a day/);
});

test('from the day after sowing to today, blanks about it or not; lines without a name say nothing; what is no table says so', () => {
  const text = 'plant;2026-03-04;2026-03-19\n A1 ; 3 ; 4 \n;5;6\n';
  const { entries, problems } = readRecordSheet(text, NAMES, SETTING);
  expect(problems).toEqual([]);
  expect(entries.map((e) => [e.name, e.day])).toEqual([
    ['A1', '2026-03-04'],
    ['A1', '2026-03-19'],
  ]);
  for (const wrong of ['', 'a,b\n1,2\n', 'plant,b\nA1,2\n'])
    expect(readRecordSheet(wrong, NAMES, SETTING)).toMatchObject({ entries: [], problems: [{ line: 1 }] });
});
