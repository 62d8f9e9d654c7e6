import { type IsoDay } from './days';
import { isSchoolDay, type SchoolCalendar } from './schoolCalendar';

/** Temperatures at the seed, °C. */
export interface RoomTemperature {
  day: number;
  night: number;
  /** On days without school, where the heating is off; null for the same as on school days. */
  weekend: { day: number; night: number } | null;
  /** Hours of the day temperature, from and to (24-hour clock). */
  dayHours: readonly [number, number];
}

export const DAY_HOURS: readonly [number, number] = [7, 18];

/** One temperature around the clock. */
export function steadyTemperature(celsius: number): RoomTemperature {
  return { day: celsius, night: celsius, weekend: null, dayHours: DAY_HOURS };
}

/** The 24 hourly temperatures of a day, °C. */
export function hourlyTemperatures(room: RoomTemperature, calendar: SchoolCalendar, day: IsoDay): number[] {
  const { day: warm, night } = room.weekend !== null && !isSchoolDay(calendar, day) ? room.weekend : room;
  return Array.from({ length: 24 }, (_, hour) => (hour >= room.dayHours[0] && hour < room.dayHours[1] ? warm : night));
}

/** Mean over the week of a room, °C. */
export function meanTemperature(room: RoomTemperature): number {
  const share = (room.dayHours[1] - room.dayHours[0]) / 24;
  const mean = (r: { day: number; night: number }) => share * r.day + (1 - share) * r.night;
  return room.weekend === null ? mean(room) : (5 * mean(room) + 2 * mean(room.weekend)) / 7;
}
