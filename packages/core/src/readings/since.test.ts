import { since } from './since';

const named = (...ids: string[]) => ids.map((id) => ({ id }));

test('what was entered comes after what was told, once, and without what was taken back', () => {
  expect(since(named('a', 'b'), named('b', 'c', 'd'), new Set(['a', 'd']))).toEqual(named('b', 'c'));
});
