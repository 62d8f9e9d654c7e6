import { beeswarm } from './comparisonChart';

const dots = (heights: number[]) =>
  heights.map((value, i) => ({
    value,
    plants: 1,
    container: { id: `${i}`, code: `${i}`, treatment: 'A', block: null, seedsSown: 1 },
  }));

test('dots close in height stand side by side, others in line', () => {
  expect(beeswarm(dots([100, 150, 200]), 10)).toEqual([0, 0, 0]);
  const close = beeswarm(dots([100, 101, 102, 103]), 10);
  expect(new Set(close).size).toBe(4);
});

test('nothing is lost in a crowd', () => {
  expect(beeswarm(dots(Array.from({ length: 30 }, () => 50)), 10)).toHaveLength(30);
});
