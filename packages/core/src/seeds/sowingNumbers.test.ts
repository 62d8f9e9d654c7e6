import { expectReference, referenceCases } from '../../test/reference';
import { blankContainers, chanceOfAtLeast, seedsToSow } from './sowingNumbers';

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
