import { addDays } from '../calendar/days';
import { measureOf } from '../measures/registry';
import { reading } from '../../test/records';
import { looksByContainer } from '../readings/looks';
import { valueAtAge } from './values';

const SOWN = '2026-03-03';
const container = { id: 'A1', code: 'A1', treatment: 'A', block: null, seedsSown: 3, sownOn: SOWN };
const POLICIES = { beforeSprouting: 'exclude', afterLoss: 'exclude', afterRemoval: 'exclude', report: 'container-mean' } as const;

/** The height on day 10 of a plant that was measured before and after it. */
function onDayTen(before: number, after: number) {
  const readings = [before, after].map((n) => reading({ containerId: 'A1', day: addDays(SOWN, n), heightMm: 10 * n }));
  return valueAtAge(measureOf('height', [])!, container, looksByContainer(readings).get('A1')!, addDays(SOWN, 10), POLICIES);
}

test('a look up to three days away on either side is near enough for the line between two looks', () => {
  expect(onDayTen(7, 13)).toMatchObject({ value: 100, between: true });
  expect(onDayTen(9, 13)).toMatchObject({ value: 100, between: true });
});

test.each([
  [6, 11],
  [9, 14],
])('a look four days away is not: days %d and %d say nothing about day 10', (before, after) => {
  expect(onDayTen(before, after)).toMatchObject({ value: null, between: false });
});
