import { numberFound } from '../measures/finding';
import { type Reading } from './reading';
import { drawStaying, seedlingsIn } from './thinning';

const counted = (containerId: string, day: string, up: number): Reading => ({
  id: `${containerId} ${day}`,
  containerId,
  plant: '1',
  day,
  state: 'measured',
  findings: [numberFound('seeds-up', up, String(up))],
  doubt: null,
  lostReason: null,
  note: null,
  supersedes: null,
  recordedAt: `${day}T10:00:00.000Z`,
});

test('seedlings are as many as were counted last, or as were sown', () => {
  const readings = [counted('a', '2026-03-10', 3), counted('a', '2026-03-12', 5), counted('b', '2026-03-12', 1)];
  expect(seedlingsIn({ id: 'a', seedsSown: 6 }, readings)).toBe(5);
  expect(seedlingsIn({ id: 'c', seedsSown: 6 }, readings)).toBe(6);
});

test('one lot draws the same again, another lot differs somewhere, and the middle needs no lot', () => {
  const pots = Array.from({ length: 12 }, (_, i) => ({ container: i, up: 7 }));
  const stay = (lot: number, rule: 'lot' | 'middle' = 'lot') => drawStaying(pots, { keep: 2, rule, lot }).map((d) => d.stay);
  expect(stay(5)).toEqual(stay(5));
  expect(stay(5)).not.toEqual(stay(6));
  expect(stay(5).every((s) => s.length === 2)).toBe(true);
  expect(stay(5, 'middle')).toEqual(stay(9, 'middle'));
});
