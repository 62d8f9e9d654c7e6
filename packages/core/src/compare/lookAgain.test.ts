import { HEIGHT, heightsOn, recordsOf } from '../../test/records';
import { measureOf } from '../measures/registry';
import { groupsOf } from './groups';
import { lookAgain } from './lookAgain';

const odd = (heights: Record<string, (number | null)[]>) =>
  lookAgain(groupsOf(recordsOf(heights), HEIGHT, heightsOn('2026-03-19')), HEIGHT).map((o) => `${o.kind} ${o.code}`);

test('one that is not up among many that are is late; one far below its twins is behind', () => {
  expect(odd({ A: [140, 143, 60, 128, null] })).toEqual(['late A5', 'behind A3']);
});

test('a whole treatment that is slow, or a handful of plants, is no oddity', () => {
  expect(odd({ A: [140, 143, 139], D: [30, null, null, null] })).toEqual([]);
  expect(odd({ A: [100, 40] })).toEqual([]);
});

test('the range named is that of the others', () => {
  const [first] = lookAgain(groupsOf(recordsOf({ A: [140, 143, 60, 128] }), HEIGHT, heightsOn('2026-03-19')), HEIGHT);
  expect(first).toMatchObject({ value: 60, twins: { low: 128, high: 143, up: 3 } });
});

test('the bounds: three twins are enough, two thirds have to be up, and six tenths of the median is not behind yet', () => {
  expect(odd({ A: [100, 100, 59] })).toEqual(['behind A3']);
  expect(odd({ A: [100, 100, 60] })).toEqual([]);
  expect(odd({ A: [100, 100, 100, 100, null, null] })).toEqual(['late A5', 'late A6']);
  expect(odd({ A: [100, 100, 100, null, null] })).toEqual([]);
});

test('what is late stands beside the range of those that are up', () => {
  const groups = groupsOf(recordsOf({ A: [140, 90, 128, null] }), HEIGHT, heightsOn('2026-03-19'));
  expect(lookAgain(groups, HEIGHT)).toMatchObject([{ kind: 'late', value: null, twins: { low: 90, high: 140, up: 3 } }]);
});

test('a measure that is chosen from words has no one behind', () => {
  const groups = groupsOf(recordsOf({ A: [140, 143, 60, 128] }), HEIGHT, heightsOn('2026-03-19'));
  expect(lookAgain(groups, measureOf('stage')!)).toEqual([]);
});
