import { type ContainerView, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { benchFor } from '@bright-sprout/core/bench/benchProtocol';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { currentReadings, hasEnded } from '@bright-sprout/core/readings/reading';
import { type Standing, standingsOn } from '@bright-sprout/core/readings/standing';

/** One plant to look at: a container, or one of several tagged plants in it. */
export interface Stop {
  container: ContainerView;
  plant: string;
  /** `C3`, or `C3 · 2` for the second tagged plant. */
  name: string;
}

/** The team's plants in tray order; containers that are not sown yet on the day are left out. */
export function stopsOf({ containers, bench }: InvestigationView, day: IsoDay): Stop[] {
  return containers
    .filter((c) => c.sownOn <= day)
    .flatMap((container) => {
      const { plants } = benchFor(bench, container.treatment);
      return Array.from({ length: plants }, (_, i) => ({
        container,
        plant: String(i + 1),
        name: plants > 1 ? `${container.code} · ${i + 1}` : container.code,
      }));
    });
}

/** The readings of one plant; where a container has one plant, all of it. */
export function readingsOf({ container, plant }: Stop, readings: readonly ReadingView[], plants: number): ReadingView[] {
  return readings.filter((r) => r.containerId === container.id && (plants === 1 || r.plant === plant));
}

export interface StopState {
  standing: Standing;
  /** Looked at on this day, or lost for good. */
  done: boolean;
  /** The last look before this day at which somebody could see it. */
  last: ReadingView | null;
}

export function stateOf(stop: Stop, readings: readonly ReadingView[], plants: number, day: IsoDay): StopState {
  const own = readingsOf(stop, readings, plants);
  const standing = standingsOn([stop.container.id], own, day).get(stop.container.id)!;
  const last =
    currentReadings(own)
      .filter((r) => r.day < day && r.state !== 'not-checked')
      .pop() ?? null;
  return { standing, done: standing.reading !== null || hasEnded(standing.state), last };
}
