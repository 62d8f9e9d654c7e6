import fc from 'fast-check';
import { addDays, daysBetween } from '../../calendar/days';
import { place, type Wanted } from './windows';

const DAY = '2026-03-02';
const on = (n: number) => addDays(DAY, n);
const wanted = (id: string, from: number, best: number, to: number, part: Partial<Wanted> = {}): Wanted => ({
  id,
  kind: 'care',
  fact: { code: 'check' },
  from: on(from),
  best: on(best),
  to: on(to),
  waits: true,
  bound: '',
  ...part,
});
const days = (all: Wanted[], open: (n: number) => boolean) =>
  place(all, (day) => open(daysBetween(DAY, day))).map((p) => [daysBetween(DAY, p.day), p.fits]);

test('stands on its best day, else on the next within its window, else on one before', () => {
  expect(days([wanted('a', 0, 3, 6)], () => true)).toEqual([[3, true]]);
  expect(days([wanted('a', 0, 3, 6)], (n) => n !== 3)).toEqual([[4, true]]);
  expect(days([wanted('a', 0, 3, 6)], (n) => n < 3)).toEqual([[2, true]]);
  expect(days([wanted('a', 0, 3, 6, { waits: false })], (n) => n !== 3)).toEqual([[2, true]]);
});

test('past its window nothing is moved without being told', () => {
  expect(days([wanted('a', 0, 3, 6)], (n) => n > 9)).toEqual([[10, false]]);
  // Never before its first day: soil that has not stood is not sown.
  expect(days([wanted('a', 2, 3, 4)], (n) => n < 2 || n === 8)).toEqual([[8, false]]);
});

test('what comes after something else is looked for with it: the first gives way where the second would find no day', () => {
  const first = wanted('a', 0, 1, 4);
  const second = wanted('b', 0, 0, 20, { after: { id: 'a', least: 2, best: 3, most: 4 } });
  expect(days([first, second], (n) => [1, 3, 7].includes(n))).toEqual([
    [1, true],
    [3, true],
  ]);
  // Four days after the third is open, and nothing two to four days after the first.
  expect(days([first, second], (n) => [1, 3, 7].includes(n) && n !== 3)).toEqual([
    [1, true],
    [7, false],
  ]);
  expect(days([first, second], (n) => [1, 4, 8].includes(n))).toEqual([
    [1, true],
    [4, true],
  ]);
  expect(days([first, second], (n) => [1, 2, 6].includes(n))).toEqual([
    [2, true],
    [6, true],
  ]);
});

test('whatever is closed: where any days fit all, days are found that fit all', () => {
  fc.assert(
    fc.property(fc.array(fc.boolean(), { minLength: 24, maxLength: 24 }), fc.integer({ min: 0, max: 9 }), (there, from) => {
      const first = wanted('a', from, from + 1, from + 5);
      const second = wanted('b', 0, 0, 23, { after: { id: 'a', least: 2, best: 3, most: 5 } });
      const open = (n: number) => there[n] ?? false;
      const can = there.some(
        (_, a) => a >= from && a <= from + 5 && open(a) && [2, 3, 4, 5].some((more) => a + more <= 23 && open(a + more)),
      );
      const [a, b] = days([first, second], open);
      expect(a![1] && b![1]).toBe(can);
      if (can) expect([2, 3, 4, 5]).toContain((b![0] as number) - (a![0] as number));
    }),
    { numRuns: 300 },
  );
});
