import { checking, expectReference, referenceCases } from '../../test/reference';
import { type Interval } from './descriptives';
import { type Result } from '../result/result';
import { wilson } from './proportions';

interface Row {
  x: number;
  n: number;
  wilson_low: number;
  wilson_high: number;
}

const CLOSE = { rel: 1e-8, abs: 1e-12 };

function intervalOf(found: Result<{ interval: Interval }>): Interval {
  if (!found.ok) throw new Error(found.reason);
  return found.interval;
}

test.each(referenceCases('04-proportions').flatMap((c) => (c.expected.rows as Row[]).map((r) => [r.x, r.n, r] as const)))(
  '%d of %d',
  (x, n, row) => {
    checking('wilson');
    expectReference(intervalOf(wilson(x, n)).low, row.wilson_low, CLOSE);
    expectReference(intervalOf(wilson(x, n)).high, row.wilson_high, CLOSE);
  },
);

test('what is not a share has a reason, never NaN', () => {
  for (const found of [wilson(0, 0), wilson(3, 2), wilson(-1, 4), wilson(1.5, 3)])
    expect(found).toEqual({ ok: false, reason: expect.stringMatching(/\.$/) as string });
});
