import fc from 'fast-check';
import { BUILT_IN } from '../measures/registry';
import { LABEL_GRIDS, type LabelGrid, labelPlaces, PAPERS, SMALLEST_LABEL } from './labelGrid';
import { paperColumns, paperSheets, readSheetCode, sheetCode } from './paperSheets';

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

test('a sheet a team and week, with its days in order and its pots', () => {
  const sheets = paperSheets('i1', DAYS, POTS);
  expect(sheets.map((s) => [s.teamId, s.week, s.days, s.containers])).toEqual([
    ['kites', '2026-03-09', ['2026-03-09', '2026-03-13'], ['k1', 'k2']],
    ['bells', '2026-03-09', ['2026-03-09', '2026-03-13'], ['b1']],
    ['kites', '2026-03-16', ['2026-03-16'], ['k1', 'k2']],
    ['bells', '2026-03-16', ['2026-03-16'], ['b1']],
  ]);
});

test('codes are short, the same every time, other for other sheets, and read as they are written by hand', () => {
  const codes = Array.from({ length: 8 }, (_, t) =>
    Array.from({ length: 12 }, (_, w) => sheetCode('i1', `team ${t}`, `2026-0${1 + (w % 9)}-1${w % 3}`)),
  ).flat();
  expect(new Set(codes).size).toBeGreaterThanOrEqual(codes.length - codes.length / 4);
  for (const code of codes) {
    expect(code).toMatch(/^[A-HJ-NPR-Z2-9]{4}$/);
    expect(readSheetCode(` ${code.toLowerCase().replace(/l/g, '1').replace(/d/g, '0')} `)).toBe(code);
  }
  expect(sheetCode('i1', null, '2026-03-09')).toBe(sheetCode('i1', null, '2026-03-09'));
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
