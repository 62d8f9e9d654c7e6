import { comingDays, drySoon } from './drySoon';

const event = (day: string, kind: 'check' | 'weekend' | 'end' = 'check') => ({ day, kind, code: 'check' as const });
const SCHEDULE = [
  event('2026-03-18'),
  event('2026-03-20'),
  event('2026-03-20', 'weekend'),
  event('2026-03-23'),
  event('2026-03-25', 'end'),
];
const grown = (day: string, skipped = false) => ({
  methodId: 'paper_pot',
  sownOn: '2026-03-03',
  schedule: SCHEDULE,
  care: [{ kind: 'water', day, skipped }],
});

test('paper pots watered on Friday last over the weekend; those watered on Wednesday do not', () => {
  expect(drySoon(grown('2026-03-20'), '2026-03-20')).toBeNull();
  expect(drySoon(grown('2026-03-18'), '2026-03-20')).toEqual({ lastWatered: '2026-03-18', nextSeen: '2026-03-23', lasts: 2 });
});

test('a watering that was left out does not count, nor one of another day to come', () => {
  expect(drySoon(grown('2026-03-20', true), '2026-03-20')).toMatchObject({ lastWatered: '2026-03-03' });
  expect(drySoon(grown('2026-03-23'), '2026-03-20')).toMatchObject({ lastWatered: '2026-03-03' });
  expect(drySoon({ ...grown('2026-03-18'), methodId: null }, '2026-03-20')).toBeNull();
});

test('the days that have anything, from today on', () => {
  const days = comingDays(SCHEDULE, '2026-03-20', 2);
  expect(days.map((d) => [d.day, d.events.map((e) => e.kind)])).toEqual([
    ['2026-03-20', ['check', 'weekend']],
    ['2026-03-23', ['check']],
  ]);
});
