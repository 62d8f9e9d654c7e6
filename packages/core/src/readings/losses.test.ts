import { lossOfAll } from './losses';
import { type Reading } from './reading';

const look = (id: string, plant: string) => ({ id, plant }) as Reading;

test('every plant of a lost container is lost, each in place of its own look of the day', () => {
  const losses = lossOfAll(2, { looks: [look('a', '1'), look('b', '2'), look('c', 'tall')] }, 'eaten', '  a snail ');
  expect(losses).toEqual([
    { plant: '1', state: 'lost', lostReason: 'eaten', note: 'a snail', supersedes: 'a' },
    { plant: '2', state: 'lost', lostReason: 'eaten', note: 'a snail', supersedes: 'b' },
    { plant: 'tall', state: 'lost', lostReason: 'eaten', note: 'a snail', supersedes: 'c' },
  ]);
  expect(lossOfAll(1, { looks: [] }, 'died', ' ')).toEqual([{ plant: '1', state: 'lost', lostReason: 'died' }]);
});
