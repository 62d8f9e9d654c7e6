import fc from 'fast-check';
import { lanesOf } from './lanes';

test('marks that are far apart share the first lane, equal ones stand side by side', () => {
  expect(lanesOf([100, 200, 300], 40)).toEqual([0, 0, 0]);
  expect(lanesOf([100, 100, 100, 150], 40).sort()).toEqual([0, 0, 1, 2]);
});

test('no two marks of one lane come closer than asked', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 400 }), { maxLength: 12 }), (ys) => {
      const lanes = lanesOf(ys, 40);
      ys.forEach((y, i) => ys.forEach((z, j) => expect(i === j || lanes[i] !== lanes[j] || Math.abs(y - z) >= 40).toBe(true)));
    }),
  );
});
