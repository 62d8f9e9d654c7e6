import { daysBetween, type IsoDay } from '../calendar/days';
import { type Reading } from '../readings/reading';
import { recordedDays, standingsOn } from '../readings/standing';

export interface GrowthPoint {
  /** Days since the container was sown. */
  dayNumber: number;
  /** Mean of its measured plants that day, mm. */
  heightMm: number;
}

export interface GrowthLine {
  containerId: string;
  /** In order; only days on which a height was taken, so that a gap stays a gap. */
  points: GrowthPoint[];
}

/** How tall each container's plants stood on the days on which they were measured; containers without a height are left out. */
export function growthLines(containers: readonly { id: string; sownOn: IsoDay }[], readings: readonly Reading[]): GrowthLine[] {
  const ids = containers.map((c) => c.id);
  const days = recordedDays(readings).map((day) => ({ day, standings: standingsOn(ids, readings, day) }));
  return containers.flatMap(({ id, sownOn }) => {
    const points = days.flatMap(({ day, standings }) => {
      const { heightMm, reading } = standings.get(id)!;
      return heightMm !== null && reading !== null ? [{ dayNumber: daysBetween(sownOn, day), heightMm }] : [];
    });
    return points.length === 0 ? [] : [{ containerId: id, points }];
  });
}
