import { reading } from '../../test/records';
import { missingDays, logCells, logDays, type Logged, logRows } from './logRows';
import { type Reading } from './reading';

const SOWN = '2026-03-10';
const CHECKS = ['2026-03-16', '2026-03-18', '2026-03-20'].map((day) => ({ day, kind: 'check' }));

function logged(readings: Reading[], { plants = 1, schedule = CHECKS } = {}): Logged {
  const containers = ['A1', 'B1'].map((code) => ({ id: code, code, treatment: code[0]!, sownOn: SOWN }));
  return { investigation: { containers, bench: { plants }, schedule }, readings };
}

const names = (records: Logged) => logRows(records).map((r) => r.name);

test('columns are the days somebody looked or should have, up to today', () => {
  const records = logged([reading({ containerId: 'A1', day: '2026-03-17', heightMm: 90 })]);
  expect(logDays(records, '2026-03-19')).toEqual(['2026-03-16', '2026-03-17', '2026-03-18']);
});

test('every tagged plant has its line, and every plant that records name', () => {
  expect(names(logged([], { plants: 2 }))).toEqual(['A1 · 1', 'A1 · 2', 'B1 · 1', 'B1 · 2']);
  const imported = logged([reading({ containerId: 'A1', day: '2026-03-17', plant: 'x' })]);
  expect(names(imported)).toEqual(['A1 · 1', 'A1 · x', 'B1']);
});

test('a cell shows what counts, and is doubtful while a question is open or two devices disagree', () => {
  const at = (id: string, heightMm: number, part: Partial<Reading> = {}) =>
    reading({ containerId: 'A1', day: '2026-03-16', id, heightMm, ...part });
  const wrong = at('w', 900, { doubt: { kind: 'decimal-point', answer: null, secondMm: null } });
  const right = at('r', 90, { supersedes: 'w', recordedAt: '2026-03-19T11:00:00Z' });
  const other = at('o', 70, { recordedAt: '2026-03-19T12:00:00Z' });
  const [row] = logRows(logged([]));
  expect(logCells([wrong])(row!, '2026-03-16')).toMatchObject({ doubtful: true });
  expect(logCells([wrong, right])(row!, '2026-03-16')).toMatchObject({ doubtful: false, reading: { id: 'r' } });
  expect(logCells([right, other])(row!, '2026-03-16')).toMatchObject({ doubtful: true, reading: { id: 'o' } });
  expect(logCells([right])(row!, '2026-03-17')).toBeNull();
});

test('what is lost is not missing later, nor what is not sown yet', () => {
  const records = logged([reading({ containerId: 'A1', day: '2026-03-16', state: 'lost', lostReason: 'eaten' })]);
  const [first, second] = logRows(records);
  const days = logDays(records, '2026-03-20');
  const cell = logCells(records.readings);
  expect(missingDays(first!, days, cell)).toEqual([]);
  expect(missingDays(second!, days, cell)).toEqual(days);
  expect(missingDays({ ...second!, sownOn: days[1]! }, days, cell)).toEqual(days.slice(2));
});
