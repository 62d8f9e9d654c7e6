import { countedUp, countOf } from './countedUp';

const counted = (countUp: number) => ({ state: 'measured' as const, more: { countUp } });

test('not up is none; lost, not looked at and not counted are no number', () => {
  expect(countOf({ state: 'not-up', more: null })).toBe(0);
  expect(countOf(counted(4))).toBe(4);
  expect(countOf({ state: 'measured', more: null })).toBeNull();
  expect(countOf({ state: 'lost', more: null })).toBeNull();
  expect(countOf({ state: 'not-checked', more: null })).toBeNull();
});

test('a group counts what was sown only where somebody counted', () => {
  const containers = ['a', 'b', 'c', 'd'].map((id) => ({ id, seedsSown: 10 }));
  const standings = new Map<string, Parameters<typeof countOf>[0]>([
    ['a', counted(7)],
    ['b', { state: 'not-up' as const, more: null }],
    ['c', { state: 'lost' as const, more: null }],
  ]);
  expect(countedUp(containers, standings)).toEqual({ up: 7, of: 20 });
  expect(countedUp(containers.slice(2), standings)).toBeNull();
});
