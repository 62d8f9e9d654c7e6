import fc from 'fast-check';
import { checking, expectReference, referenceCases } from '../../test/reference';
import { blankContainers, chanceOfAtLeast, seedsToBuy, seedsToSow, shareAfterYears } from './sowingNumbers';

interface SowingRow {
  g: number;
  k: number;
  confidence: number;
  seeds: number;
  prob: number;
}

test.each(referenceCases('09-sowing-table').flatMap((c) => (c.expected.rows as SowingRow[]).map((r) => [r.g, r.k, r] as const)))(
  'seeds for g = %d, k = %d',
  (g, k, row) => {
    checking('seedsToSow, chanceOfAtLeast');
    expect(seedsToSow(g, k, row.confidence)).toBe(row.seeds);
    expectReference(chanceOfAtLeast(k, row.seeds, g), row.prob);
  },
);

interface BlankRow {
  g: number;
  seeds: number;
  cells: number;
  p_blank: number;
  expected_blank: number;
  sd_blank: number;
  p_no_blank: number;
  blank_q95: number;
}

test.each(
  referenceCases('09-blank-cells').flatMap((c) =>
    (c.expected.rows as BlankRow[]).map((r) => [r.cells, r.seeds, r.g, r] as const),
  ),
)('empty ones of %d cells with %d seeds at %d', (cells, seeds, g, row) => {
  checking('blankContainers');
  const blanks = blankContainers(cells, seeds, g);
  expectReference(blanks.chanceOfBlank, row.p_blank);
  expectReference(blanks.expected, row.expected_blank);
  expectReference(blanks.sd, row.sd_blank);
  expectReference(blanks.chanceOfNone, row.p_no_blank);
  expect(blanks.atMost95).toBe(row.blank_q95);
});

test('seeds that never sprout cannot be made up for by number', () => {
  expect(seedsToSow(0)).toBeNull();
  expect(seedsToSow(1)).toBe(1);
  expect(chanceOfAtLeast(3, 2, 0.9)).toBe(0);
});

test('a seed test of ten is believed less than its face value', () => {
  const tested = { up: 9, of: 10 };
  expect(chanceOfAtLeast(3, 5, tested)).toBeLessThan(chanceOfAtLeast(3, 5, 0.9));
  expect(seedsToSow({ up: 900, of: 1000 })).toBe(seedsToSow(0.9));
  expect(chanceOfAtLeast(1, 1, tested)).toBeCloseTo(9.5 / 11, 9);
  const [low, high] = blankContainers(28, 2, tested).range90;
  const known = blankContainers(28, 2, 9.5 / 11).range90;
  expect(high - low).toBeGreaterThanOrEqual(known[1] - known[0]);
  expect(seedsToSow({ up: 0, of: 0 }, 1, 0.9)).toBe(32);
});

test('the predictive chances of all counts add up to one', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 40 }), fc.nat(20), fc.nat(20), (n, up, more) => {
      const chance = { up, of: up + more };
      const exactly = (k: number) => chanceOfAtLeast(k, n, chance) - chanceOfAtLeast(k + 1, n, chance);
      const sum = Array.from({ length: n + 1 }, (_, k) => exactly(k)).reduce((a, b) => a + b, 0);
      expect(sum).toBeCloseTo(1, 9);
    }),
  );
});

test('packets hold every seed and the spares', () => {
  expect(seedsToBuy(28, 3, 10, 25)).toEqual({ ok: true, seeds: 93, packets: 4 });
  expect(seedsToBuy(28, 3, 10, null)).toEqual({ ok: true, seeds: 93, packets: null });
  expect(seedsToBuy(28, 3, -1, 25)).toMatchObject({ ok: false });
  expect(seedsToBuy(28, 3, 10, 0)).toMatchObject({ ok: false });
  expect(shareAfterYears(0.9, 4, 4)).toBeCloseTo(0.45, 12);
});
