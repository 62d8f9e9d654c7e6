import { type Group } from '@bright-sprout/core/compare/groups';
import { shownOf } from '@bright-sprout/core/compare/shown';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { axisOver, beeswarm, linesOf, niceStep, reachOf } from './figureKit';

test('axes step by 1, 2 or 5, with as many digits as the steps have', () => {
  expect([niceStep(10, 7), niceStep(13, 7), niceStep(0.9, 6), niceStep(0, 5)]).toEqual([2, 2, 0.2, 1]);
  const axis = axisOver(-1, 2.2, 0, 100, 5);
  expect(axis.major.map(axis.label)).toEqual(['−1', '0', '1', '2']);
  expect(axisOver(0, 0.9, 0, 100, 6).major.map(axisOver(0, 0.9, 0, 100, 6).label)).toEqual(['0.0', '0.2', '0.4', '0.6', '0.8']);
  expect(axis.at(-1)).toBe(0);
  expect(axis.at(2.2)).toBeCloseTo(100, 9);
});

test('marks with the same value stand side by side', () => {
  const places = beeswarm([5, 5, 5, 20], 2);
  expect(new Set(places.slice(0, 3)).size).toBe(3);
  expect(places[3]).toBe(0);
});

test('labels are cut at spaces, and end with dots where they are too long', () => {
  expect(linesOf('behind a curtain', 9)).toEqual(['behind a', 'curtain']);
  expect(linesOf('clear cover for the first week', 8)).toEqual(['clear', 'cover f…']);
});

test('an interval far wider than the marks does not squeeze them, and heights are not drawn below zero', () => {
  const shown = shownOf({ follow: 'value', reach: '' }, measureOf('height')!, 'mm', { container: 'pot', seeds: false });
  const group = (values: number[], low: number, high: number) =>
    ({
      dots: values.map((value) => ({ value, span: null })),
      summary: { ok: true, interval: { low, high } },
    }) as unknown as Group;
  const { low, high } = reachOf([group([140, 190], -180, 520), group([90, 160], 60, 190)], shown);
  expect(low).toBe(0);
  expect(high).toBeGreaterThan(19);
  expect(high).toBeLessThan(41);
});
