import { reading } from '../../test/records';
import { firstUp, tallestAround, tallestTreatment } from './whatCame';

const containers = ['A1', 'A2', 'B1'].map((id) => ({ id, treatment: id[0]!, sownOn: '2026-03-03' }));
const at = (containerId: string, day: string, heightMm?: number) =>
  reading({ containerId, day, id: `${containerId}${day}`, recordedAt: `${day}T10:00:00Z`, heightMm });

const readings = [
  at('A1', '2026-03-06'),
  at('B1', '2026-03-06'),
  at('A1', '2026-03-09', 4),
  at('B1', '2026-03-09'),
  at('A1', '2026-03-16', 90),
  at('A2', '2026-03-16', 120),
  at('B1', '2026-03-16', 130),
];

test('the first came up between two looks', () => {
  expect(firstUp(containers, readings)).toEqual({ after: 3, by: 6 });
  expect(firstUp(containers, readings.slice(0, 2))).toBeNull();
  expect(firstUp(containers, [at('A1', '2026-03-09', 4)])).toEqual({ after: 0, by: 6 });
});

test('the tallest near a day, and the treatment that is ahead', () => {
  expect(tallestAround(containers, readings, 12)).toEqual({ dayNumber: 13, mm: 130 });
  expect(tallestAround(containers, readings, 5)).toEqual({ dayNumber: 6, mm: 4 });
  expect(tallestTreatment(containers, readings)).toBe('B');
  expect(tallestTreatment(containers, readings.slice(0, 5))).toBe('A');
  expect(tallestTreatment(containers, [])).toBeNull();
});
