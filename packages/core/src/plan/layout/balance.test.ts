import { startedPlan } from '../../../test/startedPlan';
import { layOut, type Layout } from './layOut';
import { balanceOf } from './balance';

/** Containers in a row, or in rows, by the letters of their treatments. */
function rows(...letters: string[]): Layout {
  const columns = letters[0]!.length;
  const containers = letters.flatMap((line, row) =>
    [...line].map((treatment, column) => ({
      code: `${treatment}${row}${column}`,
      treatment,
      team: null,
      place: row * columns + column,
      tray: 0,
      column,
      row,
    })),
  );
  return { containers, trays: [{ columns, rows: letters.length, wideMm: 1, deepMm: 1, at: null }] } as unknown as Layout;
}

test.each([
  ['one side', rows('AAAAAABBBBBB'), 'one-side'],
  ['both ends', rows('AAABBBBBBAAA'), 'ends'],
  ['the window', rows('AAAAAA', 'BBBBBB'), 'window'],
])('a treatment at %s is as lopsided as hardly any deal', (_, layout, how) => {
  const { share, how: found } = balanceOf(layout)!;
  expect(share).toBeLessThanOrEqual(0.02);
  expect(how === 'ends' ? ['ends', 'middle'] : how === 'window' ? ['window', 'room'] : ['one-side']).toContain(found);
});

test('places that alternate are as even as can be', () => {
  expect(balanceOf(rows('ABABABABABAB'))!.share).toBeGreaterThan(0.5);
});

test('of deals by lot about one in twenty is among the most lopsided twentieth', () => {
  const shares = Array.from(
    { length: 300 },
    (_, drawSeed) => balanceOf(layOut(startedPlan('salt-steps', { drawSeed }), 7))!.share,
  );
  const extreme = shares.filter((s) => s <= 0.05).length / shares.length;
  expect(extreme).toBeGreaterThan(0.015);
  expect(extreme).toBeLessThan(0.1);
});

test('with one treatment, or one container of each, there is nothing to balance', () => {
  expect(balanceOf(rows('AAAA'))).toBeNull();
  expect(balanceOf(rows('ABC'))).toBeNull();
});
