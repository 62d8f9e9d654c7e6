import { amountScale, snapped } from './amountScale';

test.each([
  [100, { top: 150, tick: 25, step: 5 }],
  [12, { top: 20, tick: 5, step: 1 }],
  [0.4, { top: 0.6, tick: 0.1, step: 0.02 }],
])('up to %s, with room for one more step', (largest, scale) => {
  const { top, tick, step } = amountScale(largest);
  expect([top, tick, step].map((n) => Number(n.toFixed(6)))).toEqual(Object.values(scale));
});

test('plants and days are not halved', () => {
  expect(amountScale(10, true)).toEqual({ top: 15, tick: 3, step: 1 });
  expect(amountScale(1, true)).toEqual({ top: 2, tick: 1, step: 1 });
});

test('a mark moves by steps and stays on the axis', () => {
  const scale = amountScale(100);
  expect([-4, 2, 3, 47.4, 900].map((a) => snapped(a, scale))).toEqual([0, 0, 5, 45, 150]);
});
