import { MONDAY_TO_FRIDAY } from '../calendar/schoolCalendar';
import { roomDays, roomFromRecord, type RoomReading } from './roomRecord';

const CALENDAR = { weekdays: MONDAY_TO_FRIDAY, holidays: [] };
const t = (at: string, value: number): RoomReading => ({ at, kind: 'temperature', value });

/** A week of hourly readings: 21 °C by day, 16 by night, 12 at the weekend. */
const week = Array.from({ length: 7 * 24 }, (_, i) => {
  const at = new Date(Date.parse('2026-03-16T00:00:00Z') + i * 3_600_000);
  const weekend = [0, 6].includes(at.getUTCDay());
  const day = at.getUTCHours() >= 7 && at.getUTCHours() < 18;
  return t(at.toISOString(), weekend ? 12 : day ? 21 : 16);
});

test('a room is what was read, by day, by night and without school', () => {
  expect(roomFromRecord(week, 'UTC', CALENDAR, [7, 18])).toEqual({
    ok: true,
    room: { day: 21, night: 16, weekend: { day: 12, night: 12 }, dayHours: [7, 18] },
  });
  const schoolOnly = week.filter((r) => r.value !== 12);
  expect(roomFromRecord(schoolOnly, 'UTC', CALENDAR, [7, 18])).toMatchObject({ ok: true, room: { weekend: null } });
  expect(roomFromRecord(week.slice(9, 12), 'UTC', CALENDAR, [7, 18])).toMatchObject({ ok: false });
});

test('days are those of the class’s zone', () => {
  const late = [t('2026-03-16T23:30:00Z', 10), t('2026-03-17T10:00:00Z', 20)];
  expect(roomDays(late, 'temperature', 'UTC').map((d) => d.day)).toEqual(['2026-03-16', '2026-03-17']);
  expect(roomDays(late, 'temperature', 'Europe/Berlin')).toEqual([{ day: '2026-03-17', low: 10, high: 20 }]);
  expect(roomDays(late, 'ph', 'UTC')).toEqual([]);
});
