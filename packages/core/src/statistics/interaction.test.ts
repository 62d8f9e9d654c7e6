import { generatorFrom } from '../random/generator';
import { differenceOfDifferences, meanContrast } from './interaction';
import { welch } from './twoGroups';

/** Two factors of two levels, seven of each. */
function crossed(extra: number) {
  const random = generatorFrom(2);
  return Array.from({ length: 7 }).flatMap(() =>
    ['dry', 'wet'].flatMap((a) =>
      ['dark', 'light'].map((b) => ({
        a,
        b,
        y:
          100 +
          (a === 'wet' ? 12 : 0) +
          (b === 'light' ? 8 : 0) +
          (a === 'wet' && b === 'light' ? extra : 0) +
          4 * random.normal(),
      })),
    ),
  );
}

test('an interaction is a difference of differences', () => {
  const found = differenceOfDifferences(crossed(15));
  if (!found.ok) throw new Error(found.reason);
  expect(found.interval.low).toBeGreaterThan(0);
  expect(Math.abs(found.estimate - 15)).toBeLessThan(8);
});

test('a contrast of two groups is Welch’s difference; missing corners have a reason', () => {
  const [a, b] = [
    [3, 4, 6, 5],
    [7, 9, 8],
  ];
  const [contrast, test] = [meanContrast([a, b], [-1, 1]), welch(a, b)];
  if (!contrast.ok || !test.ok) throw new Error();
  expect(contrast.interval.low).toBeCloseTo(test.interval.low, 12);
  expect(contrast.df).toBeCloseTo(test.df, 12);
  expect(differenceOfDifferences(crossed(0).filter((r) => r.a === 'dry'))).toMatchObject({ ok: false });
});
