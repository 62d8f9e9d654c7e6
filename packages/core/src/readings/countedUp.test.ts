import { reading } from '../../test/records';
import { numberFound } from '../measures/finding';
import { countedUp, countOf } from './countedUp';

const UP = 'seeds-up';
const counted = (n: number) => ({
  state: 'measured' as const,
  looks: [reading({ containerId: 'a', findings: [numberFound(UP, n)] })],
});
const seen = (state: 'not-up' | 'lost' | 'not-checked' | 'measured') => ({ state, looks: [] });

test('not up is none; lost, not looked at and not counted are no number', () => {
  expect(countOf(seen('not-up'), UP)).toBe(0);
  expect(countOf(counted(4), UP)).toBe(4);
  expect(countOf(counted(4), 'seeds-with-root')).toBeNull();
  expect(countOf(seen('measured'), UP)).toBeNull();
  expect(countOf(seen('lost'), UP)).toBeNull();
  expect(countOf(seen('not-checked'), UP)).toBeNull();
});

test('a group counts what was sown only where somebody counted', () => {
  const containers = ['a', 'b', 'c', 'd'].map((id) => ({ id, seedsSown: 10 }));
  const standings = new Map<string, Parameters<typeof countOf>[0]>([
    ['a', counted(7)],
    ['b', seen('not-up')],
    ['c', seen('lost')],
  ]);
  expect(countedUp(containers, standings, UP)).toEqual({ up: 7, of: 20 });
  expect(countedUp(containers.slice(2), standings, UP)).toBeNull();
});
