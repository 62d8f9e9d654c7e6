import { seedsIn } from './seedsIn';

const note = (kind: string, count: number | null = null) => ({ kind, count });

test('as planned, as counted, and one more or less', () => {
  expect(seedsIn(5, [])).toBe(5);
  expect(seedsIn(5, [note('extra-seed'), note('other-soil')])).toBe(6);
  expect(seedsIn(5, [note('seed-missing'), note('seed-missing')])).toBe(3);
  // Counting says what is there: what was noted before it is in it.
  expect(seedsIn(50, [note('extra-seed'), note('counted', 47), note('seed-missing')])).toBe(46);
  expect(seedsIn(1, [note('seed-missing'), note('seed-missing')])).toBe(0);
});
