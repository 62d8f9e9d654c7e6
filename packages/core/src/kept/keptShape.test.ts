import { keptShape } from './keptShape';

interface Today {
  pots: number;
  by: string;
}
const shape = keptShape<Today>('The plan', [
  ({ cups }: { cups: number }) => ({ pots: cups }),
  (before: { pots: number }) => ({ ...before, by: 'the class' }),
]);

test('what was kept in an earlier shape is carried up step by step, and what is of today stays', () => {
  expect(shape.now).toBe(3);
  expect(shape.read({ cups: 4 }, 1)).toEqual({ ok: true, kept: { pots: 4, by: 'the class' } });
  expect(shape.read({ pots: 4 }, 2)).toEqual({ ok: true, kept: { pots: 4, by: 'the class' } });
  expect(shape.read({ pots: 4, by: 'us' }, 3)).toEqual({ ok: true, kept: { pots: 4, by: 'us' } });
});

test.each([4, 0, 1.5, NaN])('shape %s is refused with a sentence', (later) => {
  const read = shape.read({}, later);
  expect(read).toMatchObject({
    ok: false,
    reason: expect.stringMatching(/^The plan was kept by a later version.*up to date\.$/),
  });
});
