import { numberFound } from '../measures/finding';
import { type Reading } from '../readings/reading';
import { countKey, countsOnRecord } from './countsOnRecord';

const DAY = '2026-03-10';
const reading = (id: string, percent: number, picture: string | null, supersedes: string | null = null): Reading => ({
  id,
  containerId: 'A1',
  plant: '1',
  day: DAY,
  state: 'measured',
  findings: [
    {
      ...numberFound('percent-green', percent),
      ...(picture ? { seen: { picture, method: 'excess green, version 1', low: null, high: null } } : {}),
    },
  ],
  doubt: null,
  lostReason: null,
  note: null,
  supersedes,
  recordedAt: `${DAY}T10:00:0${id}Z`,
});
const stands = (...readings: Reading[]) => countsOnRecord(readings, (p) => p !== 'other').get(countKey('A1', DAY));

test('the newest count of a day stands, of whichever picture of the film', () => {
  expect(stands(reading('1', 20, 'p'))).toMatchObject({ readingId: '1', percent: 20 });
  expect(stands(reading('1', 20, 'p'), reading('2', 22, 'q', '1'))).toMatchObject({ readingId: '2', picture: 'q', percent: 22 });
  expect(stands(reading('1', 20, 'other'))).toBeUndefined();
  expect(stands(reading('1', 20, null))).toBeUndefined();
});

test('what somebody has put in its place stays', () => {
  expect(stands(reading('1', 20, 'p'), reading('2', 35, null, '1'))).toBe('by-hand');
  // Whatever order they come in.
  expect(stands(reading('2', 22, 'p', '1'), reading('1', 20, 'p'))).toMatchObject({ readingId: '2' });
});
