import { heightOf } from '../measures/finding';
import { daysBetween, type IsoDay } from '../calendar/days';
import { type RulerResolution } from '../quantities/length';
import { type Species } from '../seeds/catalogue';
import { type Doubt, doubtAbout, type Surroundings } from './plausibility';
import { currentReadings, type Reading } from './reading';

/** A container as far as a question about its reading needs it. */
export interface Looked {
  id: string;
  code: string;
  treatment: string;
  position: number;
  sownOn: IsoDay;
}

/** A reading as far as a question needs it; of its findings the height is enough. */
export type LookedReading = Pick<
  Reading,
  'id' | 'containerId' | 'plant' | 'day' | 'state' | 'findings' | 'supersedes' | 'recordedAt'
>;

export interface LookSetting {
  species: Species;
  resolution: RulerResolution;
  containers: readonly Looked[];
  readings: readonly LookedReading[];
  /** Tagged plants in each container. */
  plants: number;
}

/** Twins are compared when they were looked at within so many days. */
const RECENT_DAYS = 4;

/**
 * The one question that a new height of a plant raises, or null, from all that was recorded before.
 * @param today the day on which it is entered
 */
export function doubtOfReading(
  {
    containerId,
    plant,
    day,
    valueMm,
    today,
  }: { containerId: string; plant: string; day: IsoDay; valueMm: number; today: IsoDay },
  setting: LookSetting,
): Doubt | null {
  const container = setting.containers.find((c) => c.id === containerId)!;
  const dayNumber = daysBetween(container.sownOn, day);
  return doubtAbout(
    { valueMm, dayNumber, today: daysBetween(container.sownOn, today) },
    surroundingsOf(container, plant, day, setting),
  );
}

function surroundingsOf(container: Looked, plant: string, day: IsoDay, setting: LookSetting): Surroundings {
  const { species, resolution, containers, plants } = setting;
  const earlier = currentReadings(setting.readings).filter((r) => r.day < day);
  const own = earlier.filter((r) => r.containerId === container.id && r.plant === plant);
  const before = own.filter((r) => heightOf(r) !== null).pop();
  const notUp = own.filter((r) => r.state === 'not-up').pop();
  const number = (to: IsoDay) => daysBetween(container.sownOn, to);
  const heights = containers
    .filter((c) => c.id !== container.id)
    .flatMap((c) => {
      const last = earlier.filter((r) => r.containerId === c.id && heightOf(r) !== null).pop();
      return last ? [{ ...c, lastDay: last.day, lastMm: heightOf(last)! }] : [];
    });
  return {
    species,
    resolution,
    temperature: null,
    before: before ? { dayNumber: number(before.day), valueMm: heightOf(before)! } : null,
    notUpOn: before || !notUp ? null : number(notUp.day),
    twinsMm: heights
      .filter((c) => c.treatment === container.treatment && daysBetween(c.lastDay, day) <= RECENT_DAYS)
      .map((c) => c.lastMm),
    neighbours: heights
      .filter((c) => Math.abs(c.position - container.position) === 1)
      .map((c) => ({ code: c.code, dayNumber: daysBetween(container.sownOn, c.lastDay), valueMm: c.lastMm })),
    seedlings: plants,
  };
}
