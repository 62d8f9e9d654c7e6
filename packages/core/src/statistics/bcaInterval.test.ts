import { bcaDifference } from './bcaInterval';

test('turns over with the groups and moves with the values', () => {
  const a = [10, 12, 13, 11, 14, 12.5];
  const b = [14, 15.5, 18, 16, 15, 17];
  const there = bcaDifference(a, b, 3, 20_000);
  const back = bcaDifference(b, a, 4, 20_000);
  if (!there.ok || !back.ok) throw new Error('not computed');
  expect(there.interval.low).toBeCloseTo(-back.interval.high, 0);
  expect(there.interval.high).toBeCloseTo(-back.interval.low, 0);
  expect(there.interval.low).toBeGreaterThan(1.5);
  expect(there.interval.high).toBeLessThan(6);
});

test('refuses single containers and values without spread, in words', () => {
  expect(bcaDifference([1], [2, 3], 1)).toEqual({ ok: false, reason: expect.stringContaining('two containers') });
  expect(bcaDifference([5, 5, 5], [7, 7], 1)).toEqual({ ok: false, reason: expect.stringContaining('no spread') });
});
