import { parsePeriod } from '../../calendar/period';

/** When seeds are put into water so that they come out in time. */
export interface SoakTime {
  /** Days before sowing; 0 on the same day. */
  daysBefore: number;
  /** Hour of the day at which it begins, with fractions. */
  hour: number;
  where: 'school' | 'home';
}

/** Hours of a school day, and those of an evening at home. */
const AT_SCHOOL = [8, 15] as const;
const EVENING = [15, 23] as const;
const HALF = 0.5;
const MOST_DAYS = 4;

/**
 * The first of: the same morning at school, a school day before, an evening at home. Null where so many hours before sowing is always
 * at night or on a day with nobody there.
 *
 * @param hours shortest and longest time in water
 * @param period when the lesson begins that sows; without one any hour of the school day
 * @param isSchool whether there is school so many days before
 * @param isEvening whether somebody who was at school can do it that evening
 */
export function soakTime(
  [shortest, longest]: readonly [number, number],
  period: string,
  isSchool: (daysBefore: number) => boolean,
  isEvening: (daysBefore: number) => boolean,
): SoakTime | null {
  const begins = parsePeriod(period)?.begins;
  const sowing: readonly [number, number] = begins
    ? [begins.hour + begins.minute / 60, begins.hour + begins.minute / 60]
    : AT_SCHOOL;
  const days = Array.from({ length: MOST_DAYS + 1 }, (_, n) => n);
  const slots: (SoakTime & { to: number })[] = [
    ...days.filter(isSchool).map((d) => ({ daysBefore: d, hour: AT_SCHOOL[0], to: AT_SCHOOL[1], where: 'school' as const })),
    ...days
      .slice(1)
      .filter(isEvening)
      .map((d) => ({ daysBefore: d, hour: EVENING[0], to: EVENING[1], where: 'home' as const })),
  ];
  for (const { daysBefore, hour, to, where } of slots) {
    // Begun at h, it has to end within the hours of sowing: h + shortest ≤ latest sowing, h + longest ≥ earliest sowing.
    const least = Math.max(hour, sowing[0] + 24 * daysBefore - longest);
    const most = Math.min(to, sowing[1] + 24 * daysBefore - shortest);
    if (least <= most)
      return { daysBefore, hour: Math.min(most, Math.max(least, Math.round((least + most) / 2 / HALF) * HALF)), where };
  }
  return null;
}
