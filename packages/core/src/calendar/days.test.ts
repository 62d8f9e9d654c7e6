import { addDays, clockInZone, dayInZone, daysBetween, formatDay, isIsoDay, isTimeZone, isWeekend } from './days';

test('days are counted on the calendar, across changes of the clocks and leap days', () => {
  expect(daysBetween('2026-03-03', '2026-03-03')).toBe(0);
  expect(daysBetween('2026-03-03', '2026-04-02')).toBe(30);
  expect(addDays('2028-02-28', 2)).toBe('2028-03-01');
  expect(daysBetween('2026-11-03', addDays('2026-11-03', 400))).toBe(400);
});

test('an instant falls on the day of the class, not of the server', () => {
  const late = new Date('2026-03-19T23:30:00Z');
  expect(dayInZone(late, 'Europe/Berlin')).toBe('2026-03-20');
  expect(dayInZone(late, 'America/Chicago')).toBe('2026-03-19');
  expect(clockInZone(late, 'Europe/Berlin')).toBe('00:30');
  expect(clockInZone(late, 'America/Chicago')).toBe('18:30');
});

test('knows real days, zones and weekends', () => {
  expect(isIsoDay('2026-02-30')).toBe(false);
  expect(isIsoDay('2028-02-29')).toBe(true);
  expect(isIsoDay('tomorrow')).toBe(false);
  expect(isTimeZone('Europe/Paris')).toBe(true);
  expect(isTimeZone('Mars/Base')).toBe(false);
  expect(isWeekend('2026-03-21')).toBe(true);
  expect(isWeekend('2026-03-20')).toBe(false);
  expect(formatDay('2026-03-19')).toBe('Thu 19 March');
});
