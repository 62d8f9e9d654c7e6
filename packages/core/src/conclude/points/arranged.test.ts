import { type Point } from './point';
import { arranged, moved, ownKey, type PointChoices, runThrough } from './arranged';

const point = (key: string, chance: number | null): Point => ({
  code: 'slip-mended',
  key,
  day: '2026-03-10',
  chance,
  container: 'A1',
  was: 254,
  now: 100,
  corrections: 1,
  asked: true,
  figure: { kind: 'struck', containerId: 'A1', was: 254, now: 100 },
});

const NOTHING: PointChoices = { order: [], pinned: [], hidden: [], own: [] };
const points = [point('a', 0.001), point('b', 0.01), point('c', null)];
const keys = (choices: Partial<PointChoices>) => arranged(points, { ...NOTHING, ...choices }).map((p) => p.key);

test('as found, pinned first, in the teacher’s order, hidden last; one of the teacher’s own stands with the rest', () => {
  const own = [{ id: '1', title: 'It smelled.', asks: 'Of what?', day: '2026-03-12' }];
  expect(keys({})).toEqual(['a', 'b', 'c']);
  expect(keys({ pinned: ['c'] })).toEqual(['c', 'a', 'b']);
  expect(keys({ order: ['b', 'a'] })).toEqual(['b', 'a', 'c']);
  expect(keys({ hidden: ['a'], own })).toEqual(['b', 'c', ownKey('1'), 'a']);
  expect(keys({ order: ['gone', 'c'], own })).toEqual(['c', 'a', 'b', ownKey('1')]);
});

test('a lesson goes through what is pinned, or through all that is not hidden', () => {
  const through = (choices: Partial<PointChoices>) => runThrough(arranged(points, { ...NOTHING, ...choices })).map((p) => p.key);
  expect(through({ hidden: ['b'] })).toEqual(['a', 'c']);
  expect(through({ pinned: ['b', 'c'], hidden: ['c'] })).toEqual(['b']);
});

test('moved up and down a point changes places with its neighbour, and stays at an end', () => {
  const all = arranged(points, NOTHING);
  expect(moved(all, 'b', -1)).toEqual(['b', 'a', 'c']);
  expect(moved(all, 'b', 1)).toEqual(['a', 'c', 'b']);
  expect(moved(all, 'a', -1)).toEqual(['a', 'b', 'c']);
});
