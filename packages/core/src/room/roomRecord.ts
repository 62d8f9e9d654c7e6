import { say } from '@bright-sprout/words/say';
import { dayInZone, type IsoDay } from '../calendar/days';
import { type RoomTemperature } from '../calendar/roomTemperature';
import { isSchoolDay, type SchoolCalendar } from '../calendar/schoolCalendar';
import { type Result } from '../result/result';
import { quantile } from '../statistics/quantile';

/** What is read of a room: °C, lux, percent of water in the soil by volume, pH. */
export const ROOM_KINDS = ['temperature', 'light', 'moisture', 'ph'] as const;
export type RoomKind = (typeof ROOM_KINDS)[number];

export const ROOM_LIMITS: Record<RoomKind, readonly [number, number]> = {
  temperature: [-40, 70],
  light: [0, 200_000],
  moisture: [0, 100],
  ph: [0, 14],
};

export const ROOM_WORDS: Record<RoomKind, { name: string; unit: string }> = {
  temperature: {
    get name() {
      return say('room.temperature');
    },
    unit: '°C',
  },
  light: {
    get name() {
      return say('room.light');
    },
    unit: 'lux',
  },
  moisture: {
    get name() {
      return say('room.soilMoisture');
    },
    unit: '%',
  },
  ph: { name: 'pH', unit: '' },
};

export interface RoomReading {
  at: string;
  kind: RoomKind;
  value: number;
}

export interface RoomDay {
  day: IsoDay;
  low: number;
  high: number;
}

/** Lowest and highest value of every day that has any, in the class's zone. */
export function roomDays(readings: readonly RoomReading[], kind: RoomKind, timeZone: string): RoomDay[] {
  const days = new Map<IsoDay, number[]>();
  for (const r of readings) {
    if (r.kind !== kind) continue;
    const day = dayInZone(new Date(r.at), timeZone);
    days.set(day, [...(days.get(day) ?? []), r.value]);
  }
  return [...days]
    .map(([day, values]) => ({ day, low: Math.min(...values), high: Math.max(...values) }))
    .sort((a, b) => (a.day < b.day ? -1 : 1));
}

/** Fewer readings by day or by night say nothing about the room. */
const ENOUGH = 3;

function hourInZone(at: string, timeZone: string): number {
  return Number(new Intl.DateTimeFormat('en-GB', { timeZone, hour: '2-digit', hourCycle: 'h23' }).format(new Date(at)));
}

/**
 * The room as the forecast wants it, from what was read: medians by day and by night of school days, and of days without
 * school where there are enough of them.
 */
export function roomFromRecord(
  readings: readonly RoomReading[],
  timeZone: string,
  calendar: SchoolCalendar,
  dayHours: readonly [number, number],
): Result<{ room: RoomTemperature }> {
  const temperatures = readings.filter((r) => r.kind === 'temperature');
  const pick = (school: boolean, light: boolean) =>
    temperatures
      .filter((r) => {
        const hour = hourInZone(r.at, timeZone);
        const isDay = hour >= dayHours[0] && hour < dayHours[1];
        return isDay === light && isSchoolDay(calendar, dayInZone(new Date(r.at), timeZone)) === school;
      })
      .map((r) => r.value);
  const middle = (values: number[]) => (values.length < ENOUGH ? null : Math.round(10 * quantile(values, 0.5)) / 10);
  const [day, night] = [middle(pick(true, true)), middle(pick(true, false))];
  if (day === null || night === null) return { ok: false, reason: say('room.leastTemperaturesDayNight', { enough: ENOUGH }) };
  const [offDay, offNight] = [middle(pick(false, true)), middle(pick(false, false))];
  const weekend = offDay === null || offNight === null ? null : { day: offDay, night: offNight };
  return { ok: true, room: { day, night, weekend, dayHours: [dayHours[0], dayHours[1]] } };
}
