import { say } from '@bright-sprout/words/say';
import { addDays, daysBetween, type IsoDay } from '../calendar/days';
import { type RoomTemperature } from '../calendar/roomTemperature';
import { nearestSchoolDay, schoolDayFrom, type SchoolCalendar } from '../calendar/schoolCalendar';
import { type Result } from '../result/result';
import { type Species } from './catalogue';
import { forecastEmergence } from './emergenceForecast';

export interface SowingDay {
  sowOn: IsoDay;
  /** Chance that the wanted share is not up by the lesson, 0 to 1. */
  chanceLate: number;
}

const EARLIEST_DAYS = 100;

/**
 * The last school day on which to sow so that a share of those that will come up is up by the lesson, with at most the given
 * chance of being late.
 */
export function sowForLesson(
  species: Species,
  wanted: { lesson: IsoDay; share?: number; mostChanceLate?: number; seeds: number },
  room: RoomTemperature,
  calendar: SchoolCalendar,
): Result<SowingDay> {
  const { lesson, share = 0.5, mostChanceLate = 0.1, seeds } = wanted;
  let day = schoolDayFrom(calendar, addDays(lesson, -1), -1);
  while (day !== null && daysBetween(day, lesson) <= EARLIEST_DAYS) {
    const forecast = forecastEmergence(species, { sownOn: day, seeds, room, calendar });
    if (!forecast.ok) return forecast;
    const chanceLate = forecast.chanceLate(lesson, share);
    if (chanceLate <= mostChanceLate) return { ok: true, sowOn: day, chanceLate };
    day = schoolDayFrom(calendar, addDays(day, -1), -1);
  }
  return { ok: false, reason: say('seeds.schoolDayDaysBefore', { earliestDays: EARLIEST_DAYS }) };
}

export interface Rung {
  wantedAge: number;
  sowOn: IsoDay;
  /** Days since sowing on the lesson day, after moving to a school day. */
  age: number;
}

/**
 * Sowing days so that a class sees every wanted age (days since sowing) on one lesson day. Days nobody is there move to the
 * nearest school day; ages that then fall on the same day are one rung.
 */
export function ageLadder(lesson: IsoDay, ages: readonly number[], calendar: SchoolCalendar): Result<{ rungs: Rung[] }> {
  if (ages.length === 0) return { ok: false, reason: say('seeds.ageAskedYet') };
  if (ages.some((age) => !(age >= 0))) return { ok: false, reason: say('seeds.ageCannotBelowZero') };
  const rungs: Rung[] = [];
  for (const wantedAge of [...ages].sort((a, b) => b - a)) {
    const sowOn = nearestSchoolDay(calendar, addDays(lesson, -Math.round(wantedAge)));
    if (sowOn === null) return { ok: false, reason: say('seeds.weekdaySchoolDay') };
    const day = sowOn > lesson ? schoolDayFrom(calendar, lesson, -1)! : sowOn;
    if (!rungs.some((r) => r.sowOn === day)) rungs.push({ wantedAge, sowOn: day, age: daysBetween(day, lesson) });
  }
  return { ok: true, rungs };
}
