import fc from 'fast-check';
import { agreement } from '../statistics/agreement';
import { readingError, summaryOf } from './together';

test('the median is offered, with the span of what was read', () => {
  expect(summaryOf([142, 140, 155])).toEqual({ n: 3, medianMm: 142, lowMm: 140, highMm: 155 });
  expect(summaryOf([])).toBeNull();
});

test('with two readings a plant the error is the within-subject deviation of two observers', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 10, max: 300 }), fc.integer({ min: 10, max: 300 })), { minLength: 2, maxLength: 12 }),
      (pairs) => {
        const expected = agreement(
          pairs.map(([a]) => a),
          pairs.map(([, b]) => b),
        );
        const found = readingError(pairs.map((p) => ({ valuesMm: p })))!;
        expect(found.sdMm).toBeCloseTo(expected.ok ? expected.withinSd : NaN, 8);
      },
    ),
  );
});

test('single readings and too few of them say nothing', () => {
  expect(readingError([{ valuesMm: [140] }, { valuesMm: [90, 91] }])).toBeNull();
  expect(readingError([{ valuesMm: [140, 142, 144, 146] }, { valuesMm: [7] }])).toEqual({
    sdMm: Math.sqrt(20 / 3),
    plants: 1,
    readings: 4,
  });
});
