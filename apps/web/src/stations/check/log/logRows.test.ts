import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { readingView, recordsOf } from '../../../../test/records';
import { isMissing, logCells, logDays, logRows } from '@bright-sprout/core/readings/logRows';

const CHECKS = ['2026-03-16', '2026-03-18', '2026-03-20'].map((day) => ({
  day,
  kind: 'check' as const,
  title: 'Check',
  note: '',
}));

test('columns are the days somebody looked or should have, up to today', () => {
  const records = recordsOf([readingView('A1', '2026-03-17', { heightMm: 90 })], { schedule: CHECKS });
  expect(logDays(records, '2026-03-19')).toEqual(['2026-03-16', '2026-03-17', '2026-03-18']);
});

test('every tagged plant has its line', () => {
  const records = recordsOf([], { bench: { ...USUAL_BENCH, plants: 2 } });
  expect(
    logRows(records)
      .slice(0, 3)
      .map((r) => r.name),
  ).toEqual(['A1 · 1', 'A1 · 2', 'B1 · 1']);
  const imported = recordsOf([readingView('A1', '2026-03-17', { plant: 'x' })]);
  expect(
    logRows(imported)
      .slice(0, 3)
      .map((r) => r.name),
  ).toEqual(['A1 · 1', 'A1 · x', 'B1']);
});

test('a cell shows what counts, and is doubtful while a question is open or two devices disagree', () => {
  const wrong = readingView('A1', '2026-03-16', {
    id: 'w',
    heightMm: 900,
    doubt: { kind: 'decimal-point', answer: null, secondMm: null },
  });
  const right = readingView('A1', '2026-03-16', { id: 'r', heightMm: 90, supersedes: 'w', recordedAt: '2026-03-16T11:00:00Z' });
  const [row] = logRows(recordsOf([]));
  expect(logCells([wrong])(row!, '2026-03-16')).toMatchObject({ doubtful: true });
  expect(logCells([wrong, right])(row!, '2026-03-16')).toMatchObject({ doubtful: false, reading: { id: 'r' } });
  const other = readingView('A1', '2026-03-16', { id: 'o', heightMm: 70, recordedAt: '2026-03-16T12:00:00Z' });
  expect(logCells([right, other])(row!, '2026-03-16')).toMatchObject({ doubtful: true, reading: { id: 'o' } });
});

test('what is lost is not missing later, nor what is not sown yet', () => {
  const records = recordsOf([readingView('A1', '2026-03-16', { state: 'lost', lostReason: 'eaten' })], { schedule: CHECKS });
  const [first, second] = logRows(records);
  const days = logDays(records, '2026-03-20');
  const cell = logCells(records.readings);
  expect(days.map((d) => isMissing(first!, d, days, cell))).toEqual([false, false, false]);
  expect(days.map((d) => isMissing(second!, d, days, cell))).toEqual([true, true, true]);
  expect(isMissing({ ...second!, sownOn: '2026-03-18' }, '2026-03-18', days, cell)).toBe(false);
});
