import { generatorFrom } from '../random/generator';
import { bcaDifference } from './bcaInterval';

test('covers the true difference about as often as it says, on skewed values', () => {
  const runs = 600;
  let covered = 0;
  for (let run = 0; run < runs; run++) {
    const random = generatorFrom(run);
    const group = (shift: number) => Array.from({ length: 20 }, () => shift + Math.exp(0.3 * random.normal()));
    const result = bcaDifference(group(0), group(2), run, 1000);
    if (result.ok && result.interval.low <= 2 && result.interval.high >= 2) covered++;
  }
  // Bootstrap intervals of two groups of twenty are a little short; below nine in ten something is broken.
  expect(covered / runs).toBeGreaterThan(0.9);
  expect(covered / runs).toBeLessThan(0.98);
});

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
