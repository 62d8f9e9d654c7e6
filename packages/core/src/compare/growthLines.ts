import { daysBetween, type IsoDay } from '../calendar/days';
import { type Measure } from '../measures/measure';
import { sumUp } from '../measures/sumUp';
import { type Reading } from '../readings/reading';
import { foundOf, recordedDays, standingsOn } from '../readings/standing';

export interface GrowthPoint {
  /** Days since the container was sown. */
  dayNumber: number;
  /** Its plants summed up that day, as the measure says. */
  value: number;
}

export interface GrowthLine {
  containerId: string;
  /** In order; only days on which something was found, so that a gap stays a gap. */
  points: GrowthPoint[];
}

/** How a measure went in each container on the days on which it was looked at; containers without a value are left out. */
export function growthLines(
  containers: readonly { id: string; sownOn: IsoDay; seedsSown: number }[],
  readings: readonly Reading[],
  measure: Measure,
): GrowthLine[] {
  const ids = containers.map((c) => c.id);
  const days = recordedDays(readings).map((day) => ({ day, standings: standingsOn(ids, readings, day) }));
  return containers.flatMap(({ id, sownOn, seedsSown }) => {
    const points = days.flatMap(({ day, standings }) => {
      const value = sumUp(measure, foundOf(standings.get(id)!, measure.code), seedsSown);
      return value === null ? [] : [{ dayNumber: daysBetween(sownOn, day), value }];
    });
    return points.length === 0 ? [] : [{ containerId: id, points }];
  });
}
