import { spellAmerican } from '@bright-sprout/words/words';
import fc from 'fast-check';
import {
  addDays,
  clockInZone,
  dayInZone,
  daysBetween,
  formatDay,
  isIsoDay,
  isTimeZone,
  isWeekend,
  parseDay,
  writeDay,
} from './days';

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

test.each([
  ['2026-03-19', '2026-03-19'],
  [' Thu 19 March 2026 ', '2026-03-19'],
  ['19 Mar', '2026-03-19'],
  ['1st april', '2026-04-01'],
  ['3 January', '2026-01-03'],
  ['29 Feb 2028', '2028-02-29'],
  ['March 19', '2026-03-19'],
  ['Thu, Mar. 19th, 2026', '2026-03-19'],
])('%s is a day', (typed, day) => {
  expect(parseDay(typed, '2026-03-02')).toBe(day);
});

test('a day without its year is the nearest one, over the turn of the year too', () => {
  expect(parseDay('3 January', '2026-12-20')).toBe('2027-01-03');
  expect(parseDay('20 December', '2027-01-03')).toBe('2026-12-20');
});

test.each(['', '3/4', '30 February 2026', '12', 'March', '19 Mar 26', '19 M', '2026-3-1'])('“%s” is not a day', (typed) => {
  expect(parseDay(typed, '2026-03-02')).toBeNull();
});

test('America names the month first, and reads back what it shows', () => {
  spellAmerican(true);
  expect([formatDay('2026-03-19'), formatDay('2026-03-09', 'short')]).toEqual(['Thu March 19', 'Mon Mar 9']);
  expect(writeDay('2026-03-19')).toBe('Thu March 19, 2026');
  expect(parseDay(writeDay('2027-01-03'), '2026-03-02')).toBe('2027-01-03');
  spellAmerican(false);
  expect(writeDay('2026-03-19')).toBe('Thu 19 March 2026');
});

test('what a field shows of a day can be read back', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 20_000 }), (n) => {
      const day = addDays('2000-01-01', n);
      expect(parseDay(writeDay(day), '2026-03-02')).toBe(day);
    }),
  );
});
