import { generatorFrom } from '../random/generator';
import { curveIntervals } from './curveIntervals';
import { CURVES } from './curves';

const DAYS = [3, 5, 7, 10, 12, 14, 17, 19, 21, 24];

/** Containers whose own level varies by 8 % about a logistic curve of 180 mm. */
function containers(n: number, seed: number) {
  const random = generatorFrom(seed);
  return Array.from({ length: n }, () => {
    const level = 180 * Math.exp(0.08 * random.normal());
    return { t: DAYS, h: DAYS.map((t) => CURVES.logistic.value([level, 10, 2.5], t) + 1.5 * random.normal()) };
  });
}

test('intervals surround the fit and come again with the same seed', () => {
  const found = curveIntervals('logistic', containers(8, 3), 1, 200);
  if (!found.ok) throw new Error(found.reason);
  const { fit, asymptote, greatestRate, inflectionTime } = found;
  expect(asymptote!.low).toBeLessThan(fit.asymptote!);
  expect(asymptote!.high).toBeGreaterThan(fit.asymptote!);
  expect(greatestRate!.low).toBeLessThan(fit.inflection!.rate);
  expect(inflectionTime!.high).toBeGreaterThan(fit.inflection!.t);
  expect(curveIntervals('logistic', containers(8, 3), 1, 200)).toEqual(found);
});

test('the interval of the level is as wide as containers differ, not as single heights do', () => {
  const found = curveIntervals('logistic', containers(8, 3), 1, 200);
  if (!found.ok) throw new Error(found.reason);
  const expected = (2 * 1.96 * 180 * 0.08) / Math.sqrt(8);
  const width = found.asymptote!.high - found.asymptote!.low;
  expect(width).toBeGreaterThan(0.4 * expected);
  expect(width).toBeLessThan(1.8 * expected);
});

test('three containers are too few to draw from; no curve gives no interval', () => {
  expect(curveIntervals('logistic', containers(3, 1), 1, 50)).toMatchObject({ ok: false });
  const level = containers(5, 1).map((c) => ({ ...c, h: c.h.map(() => 9) }));
  expect(curveIntervals('gompertz', level, 1, 50)).toMatchObject({ ok: false });
});
