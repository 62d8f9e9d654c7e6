import { SPECIES, speciesById } from './catalogue';
import { usualHeightMm } from './usualHeight';

test('before it is up there is nothing; on a known day it has the middle of what is known, between days a share of it', () => {
  const barley = speciesById('barley')!;
  const up = (barley.emergenceDays[0] + barley.emergenceDays[1]) / 2;
  const [first, second] = barley.heightCm;
  const middle = (of: typeof first) => 5 * (of!.range[0] + of!.range[1]);
  expect(usualHeightMm(barley, up)).toBe(0);
  expect(usualHeightMm(barley, up + first!.day)).toBeCloseTo(middle(first));
  expect(usualHeightMm(barley, up + (first!.day + second!.day) / 2)).toBeCloseTo((middle(first) + middle(second)) / 2);
});

test('no kind shrinks as it grows older', () => {
  for (const species of SPECIES)
    for (let day = 1; day < 60; day++)
      expect(usualHeightMm(species, day)).toBeGreaterThanOrEqual(usualHeightMm(species, day - 1));
});
