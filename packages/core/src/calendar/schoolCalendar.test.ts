import fc from 'fast-check';
import { addDays, daysBetween } from './days';
import { hourlyTemperatures, meanTemperature, steadyTemperature } from './roomTemperature';
import {
  calendarProblems,
  checkDays,
  gaps,
  isSchoolDay,
  MONDAY_TO_FRIDAY,
  nearestSchoolDay,
  type SchoolCalendar,
  schoolDayFrom,
  schoolDays,
  withDaysOff,
  withSchoolOn,
} from './schoolCalendar';

const spring: SchoolCalendar = {
  weekdays: MONDAY_TO_FRIDAY,
  holidays: [{ from: '2026-04-03', to: '2026-04-17', name: 'Spring break' }],
};
const never: SchoolCalendar = { weekdays: [false, false, false, false, false, false, false], holidays: [] };

test('weekends and holidays are no school days', () => {
  expect(schoolDays(spring, '2026-03-30', '2026-04-21')).toEqual([
    '2026-03-30',
    '2026-03-31',
    '2026-04-01',
    '2026-04-02',
    '2026-04-20',
    '2026-04-21',
  ]);
  expect(schoolDayFrom(spring, '2026-04-04')).toBe('2026-04-20');
  expect(schoolDayFrom(spring, '2026-04-19', -1)).toBe('2026-04-02');
  expect(nearestSchoolDay(spring, '2026-03-28')).toBe('2026-03-27');
  expect(nearestSchoolDay(never, '2026-03-28')).toBeNull();
});

test('a break and the weekends beside it are one gap with its name', () => {
  expect(gaps(spring, '2026-03-27', '2026-04-20')).toEqual([
    { from: '2026-03-28', to: '2026-03-29', days: 2, holiday: null },
    { from: '2026-04-03', to: '2026-04-19', days: 17, holiday: 'Spring break' },
  ]);
});

test('check days follow the cadence and only fall on school days', () => {
  const days = (cadence: Parameters<typeof checkDays>[3]) => {
    const found = checkDays(spring, '2026-03-17', '2026-04-22', cadence);
    return found.ok ? found.days : found.reason;
  };
  expect(days({ kind: 'weekdays', weekdays: [1, 4] })).toEqual([
    '2026-03-19',
    '2026-03-23',
    '2026-03-26',
    '2026-03-30',
    '2026-04-02',
    '2026-04-20',
  ]);
  expect(days({ kind: 'every', days: 4 })).toEqual([
    '2026-03-23',
    '2026-03-25',
    '2026-03-30',
    '2026-04-02',
    '2026-04-20',
    '2026-04-22',
  ]);
  expect(days({ kind: 'every', days: 0 })).toContain('every day');
  expect(checkDays(spring, '2026-03-17', '2026-03-17', { kind: 'school-days' })).toMatchObject({ ok: false });
  expect(checkDays(never, '2026-03-17', '2026-04-17', { kind: 'school-days' })).toEqual({
    ok: false,
    reason: 'No weekday is a school day.',
  });
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 15 }), fc.integer({ min: 1, max: 80 }), (every, length) => {
      const end = addDays('2026-03-17', length);
      const found = checkDays(spring, '2026-03-17', end, { kind: 'every', days: every });
      const list = found.ok ? found.days : [];
      expect(list.every((d) => isSchoolDay(spring, d) && d > '2026-03-17' && d <= end)).toBe(true);
      expect([...new Set(list)].sort()).toEqual(list);
    }),
  );
});

test('a holiday that ends before it begins is named', () => {
  const [problem] = calendarProblems({
    weekdays: MONDAY_TO_FRIDAY,
    holidays: [{ from: '2026-04-17', to: '2026-04-03', name: 'Break' }],
  });
  expect(problem).toContain('Break ends on Fri 3 April, before it begins');
});

test('the heating is off when nobody is there', () => {
  const room = { day: 21, night: 16, weekend: { day: 15, night: 10 }, dayHours: [7, 19] as const };
  const hours = (day: string) => [...new Set(hourlyTemperatures(room, spring, day))].sort((a, b) => a - b);
  expect(hours('2026-03-27')).toEqual([16, 21]);
  expect(hours('2026-03-28')).toEqual([10, 15]);
  expect(hourlyTemperatures(room, spring, '2026-03-27').filter((t) => t === 21)).toHaveLength(12);
  expect(meanTemperature(room)).toBeCloseTo((5 * 18.5 + 2 * 12.5) / 7, 9);
  expect(meanTemperature(steadyTemperature(20))).toBe(20);
  expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
});

test('days painted off become one where they touch; a named holiday stays as it is', () => {
  const one = withDaysOff(spring, '2026-03-10', '2026-03-10');
  const two = withDaysOff(one, '2026-03-11', '2026-03-12');
  expect(two.holidays).toEqual([{ from: '2026-03-10', to: '2026-03-12', name: '' }, spring.holidays[0]]);
  expect(withDaysOff(two, '2026-04-02', '2026-04-02').holidays).toHaveLength(3);
});

test('school on a day cuts the days off around it', () => {
  expect(withSchoolOn(spring, '2026-04-08').holidays.map((h) => [h.from, h.to])).toEqual([
    ['2026-04-03', '2026-04-07'],
    ['2026-04-09', '2026-04-17'],
  ]);
  expect(withSchoolOn(withDaysOff(spring, '2026-03-10', '2026-03-10'), '2026-03-10')).toEqual(spring);
  expect(withSchoolOn(spring, '2026-05-01')).toEqual(spring);
});
