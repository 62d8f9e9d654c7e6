import { type Entered, type WaitingEntry } from '../api/outbox';
import { careSince, deviationsSince, photosSince } from './enteredSince';

const waiting = (id: string, entered: Entered, part: Partial<WaitingEntry> = {}) =>
  ({ ...entered, id, teamId: 't1', at: 0, refused: null, confirmed: false, ...part }) as WaitingEntry;
const about = { containerId: 'A1', day: '2026-03-19', recordedAt: '2026-03-19T10:00:00Z' };
const ids = new Set(['A1']);

test('a picture is shown while it waits, once when the server has it, and not when it was refused or taken back', () => {
  const picture = new Blob(['x'], { type: 'image/jpeg' });
  const sent = waiting('p1', { kind: 'photo', body: { about, picture } });
  const known = { id: 'p1', containerId: 'A1', day: about.day, teamId: 't1', width: 4, height: 3, seen: true };
  expect(photosSince([], [sent], ids)).toEqual([{ id: 'p1', containerId: 'A1', day: about.day, teamId: 't1', picture }]);
  expect(photosSince([known], [{ ...sent, confirmed: true }], ids)).toMatchObject([{ id: 'p1', picture: null }]);
  expect(photosSince([], [{ ...sent, refused: 'no picture' }], ids)).toEqual([]);
  expect(photosSince([known], [waiting('b', { kind: 'photo-back', body: { of: 'p1' } })], ids)).toEqual([]);
  expect(photosSince([known], [], new Set(['B1']))).toEqual([]);
});

test('care and what went differently are shown before the server has them, and vanish when taken back', () => {
  const care = waiting('c1', {
    kind: 'care',
    body: { investigationId: 'i1', kind: 'water', task: 'water', day: about.day, recordedAt: about.recordedAt, amountMl: 30 },
  });
  expect(careSince([], [care], 'i1')).toMatchObject([{ id: 'c1', teamId: 't1', amountMl: 30, skipped: false }]);
  expect(careSince([], [care], 'other')).toEqual([]);
  expect(careSince([], [care, waiting('b', { kind: 'care-back', body: { of: 'c1' } })], 'i1')).toEqual([]);
  const seed = waiting('d1', {
    kind: 'deviation',
    body: { containerId: 'A1', kind: 'extra-seed', recordedAt: '2026-03-19T10:00:00Z' },
  });
  expect(deviationsSince([], [seed], ids)).toEqual([
    { id: 'd1', containerId: 'A1', kind: 'extra-seed', seeds: null, note: null },
  ]);
  expect(deviationsSince([], [seed, waiting('b', { kind: 'deviation-back', body: { of: 'd1' } })], ids)).toEqual([]);
});
