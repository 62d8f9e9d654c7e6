import fc from 'fast-check';
import { stayByLot } from './stayByLot';

test('as many stay as are wanted, each place once, and the same lot draws the same', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 30 }),
      fc.integer({ min: 1, max: 12 }),
      fc.integer({ min: 0, max: 9999 }),
      (up, keep, seed) => {
        const stay = stayByLot(up, keep, 'lot', seed);
        expect(stay).toHaveLength(Math.min(up, keep));
        expect(new Set(stay).size).toBe(stay.length);
        expect(stay.every((p) => p >= 1 && p <= up)).toBe(true);
        expect(stayByLot(up, keep, 'lot', seed)).toEqual(stay);
      },
    ),
  );
});

test('every place has its chance, and the middle is the middle', () => {
  const seen = new Set(Array.from({ length: 200 }, (_, seed) => stayByLot(5, 1, 'lot', seed)[0]));
  expect([...seen].sort()).toEqual([1, 2, 3, 4, 5]);
  expect(stayByLot(7, 3, 'middle', 1)).toEqual([3, 4, 5]);
  expect(stayByLot(2, 3, 'middle', 1)).toEqual([1, 2]);
});
