import { reading } from '../../test/records';
import { readingWords } from './readingWords';
import { firstUp, tallestAround, tallestTreatment } from './whatCame';

const containers = ['A1', 'A2', 'B1'].map((id) => ({ id, treatment: id[0]!, sownOn: '2026-03-03' }));
const at = (containerId: string, day: string, valueMm?: number) =>
  reading({ containerId, day, id: `${containerId}${day}`, recordedAt: `${day}T10:00:00Z`, ...(valueMm ? { valueMm } : {}) });

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

test('a reading says what was found, and nothing that was not asked', () => {
  const own = [{ id: 'w', name: 'weight', kind: 'number' as const, unit: 'g', min: null, max: null, choices: [] }];
  const full = {
    ...at('A1', '2026-03-16', 142),
    leaves: 1,
    more: { countUp: 2, stage: 'first-blade' as const, vigour: 'fair' as const, rootMm: 30, own: { w: 4.5 } },
  };
  expect(readingWords(full, 'mm', own)).toBe('14.2 cm, 2 up, 1 leaf, one blade, pale or limp, root 30 mm, weight 4.5 g');
  expect(readingWords({ ...full, valueMm: null, leaves: null, more: { countUp: 2 } }, 'mm')).toBe('2 up');
  expect(readingWords({ ...at('A1', '2026-03-16'), state: 'lost', lostReason: 'eaten' }, 'mm')).toBe('was eaten');
  expect(readingWords({ ...at('A1', '2026-03-16'), state: 'thinned' }, 'mm')).toBe('thinned out');
});
