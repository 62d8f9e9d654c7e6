import fc from 'fast-check';
import { addDays } from '../calendar/days';
import { BUILT_IN } from '../measures/registry';
import { LABEL_GRIDS, type LabelGrid, labelPlaces, PAPERS, SMALLEST_LABEL } from './labelGrid';
import { paperColumns, paperSheets, periodWords, readSheetCode, type SheetPeriod } from './paperSheets';

test('labels fill sheets along the rows, from the first one that is left', () => {
  const grid: LabelGrid = { columns: 3, rows: 8, side: 0, end: 0, gapAcross: 0, gapDown: 0, startAt: 23 };
  const placed = labelPlaces('a4', grid, 4);
  if (!placed.ok) throw new Error(placed.reason);
  expect(placed.sheets.map((s) => s.length)).toEqual([2, 2]);
  expect(placed.sheets[0]![0]).toEqual({ index: 0, x: 70, y: 7 * 37.125, width: 70, height: 37.125 });
  expect(placed.sheets[1]![1]).toMatchObject({ index: 3, x: 70, y: 0 });
});

test('whatever the grid, labels lie on the sheet, none over another, each once; or it is said why they cannot', () => {
  const mm = fc.double({ min: 0, max: 30, noNaN: true });
  const grid = fc.record({
    columns: fc.integer({ min: 0, max: 13 }),
    rows: fc.integer({ min: 0, max: 31 }),
    side: mm,
    end: mm,
    gapAcross: mm,
    gapDown: mm,
    startAt: fc.integer({ min: 0, max: 60 }),
  });
  fc.assert(
    fc.property(
      grid,
      fc.constantFrom('a4' as const, 'letter' as const),
      fc.integer({ min: 0, max: 90 }),
      (form, paper, count) => {
        const placed = labelPlaces(paper, form, count);
        if (!placed.ok) return expect(placed.reason).toMatch(/\.$/);
        const all = placed.sheets.flat();
        expect(all.map((l) => l.index)).toEqual(Array.from({ length: count }, (_, i) => i));
        for (const sheet of placed.sheets)
          for (const a of sheet ?? []) {
            expect(a.x).toBeGreaterThanOrEqual(0);
            expect(a.x + a.width).toBeLessThanOrEqual(PAPERS[paper].width + 1e-6);
            expect(a.y + a.height).toBeLessThanOrEqual(PAPERS[paper].height + 1e-6);
            expect(a.width).toBeGreaterThanOrEqual(SMALLEST_LABEL.width);
            for (const b of sheet)
              if (a !== b)
                expect(
                  a.x + a.width <= b.x + 1e-6 ||
                    b.x + b.width <= a.x + 1e-6 ||
                    a.y + a.height <= b.y + 1e-6 ||
                    b.y + b.height <= a.y + 1e-6,
                ).toBe(true);
          }
      },
    ),
    { numRuns: 200 },
  );
});

test('every usual sheet fits both papers', () => {
  for (const { grid } of Object.values(LABEL_GRIDS))
    for (const paper of ['a4', 'letter'] as const) expect(labelPlaces(paper, grid, 50)).toMatchObject({ ok: true });
});

const POTS = ['k1', 'k2', 'b1'].map((id) => ({ id, teamId: id.startsWith('k') ? 'kites' : 'bells' }));
const DAYS = ['2026-03-13', '2026-03-09', '2026-03-16'];

test('a sheet a team and period, with its days in order and its pots', () => {
  const sheets = paperSheets('i1', DAYS, POTS);
  const of = (period: SheetPeriod) =>
    sheets.filter((s) => s.period === period).map((s) => [s.teamId, s.from, s.days, s.containers]);
  expect(of('week')).toEqual([
    ['kites', '2026-03-09', ['2026-03-09', '2026-03-13'], ['k1', 'k2']],
    ['bells', '2026-03-09', ['2026-03-09', '2026-03-13'], ['b1']],
    ['kites', '2026-03-16', ['2026-03-16'], ['k1', 'k2']],
    ['bells', '2026-03-16', ['2026-03-16'], ['b1']],
  ]);
  expect(of('day').filter(([team]) => team === 'bells')).toEqual([
    ['bells', '2026-03-09', ['2026-03-09'], ['b1']],
    ['bells', '2026-03-13', ['2026-03-13'], ['b1']],
    ['bells', '2026-03-16', ['2026-03-16'], ['b1']],
  ]);
  expect(of('whole')).toEqual([
    ['kites', '2026-03-09', ['2026-03-09', '2026-03-13', '2026-03-16'], ['k1', 'k2']],
    ['bells', '2026-03-09', ['2026-03-09', '2026-03-13', '2026-03-16'], ['b1']],
  ]);
  expect(['day', 'week', 'whole'].map((period) => periodWords(sheets.find((s) => s.period === period)!))).toEqual([
    'Mon 9 March',
    'week of Mon 9 March',
    'all days',
  ]);
});

test('codes are short, the same every time, no two alike, and read as they are written by hand', () => {
  const days = Array.from({ length: 60 }, (_, i) => addDays('2026-03-09', i));
  const pots = Array.from({ length: 24 }, (_, i) => ({ id: `p${i}`, teamId: `team ${i}` }));
  const codes = paperSheets('i1', days, pots).map((s) => s.code);
  expect(codes).toHaveLength(24 * (60 + 9 + 1));
  expect(new Set(codes).size).toBe(codes.length);
  for (const code of codes.slice(0, 200)) {
    expect(code).toMatch(/^[A-HJ-NPR-Z2-9]{4}$/);
    expect(readSheetCode(` ${code.toLowerCase().replace(/l/g, '1').replace(/d/g, '0')} `)).toBe(code);
  }
  expect(paperSheets('i1', days, pots).map((s) => s.code)).toEqual(codes);
});

test('there is a column for every measure that is registered, with its unit or its choices', () => {
  const columns = paperColumns(BUILT_IN, 'mm');
  expect(columns.map((c) => c.measure)).toEqual(BUILT_IN.map((m) => m.code));
  expect(columns.find((c) => c.measure === 'height')).toMatchObject({ under: 'cm', ticks: [] });
  expect(columns.find((c) => c.measure === 'vigour')).toMatchObject({
    under: 'tick one',
    ticks: ['yellow or brown', 'pale or limp', 'green and firm'],
  });
  expect(columns.find((c) => c.measure === 'soil-ph')).toMatchObject({ under: 'pH' });
  for (const c of columns) expect(c.ticks.length > 0 || c.under !== '').toBe(true);
});
