import { say } from '@bright-sprout/words/say';
import { daysBetween, type IsoDay } from '../calendar/days';
import { wilson } from '../statistics/proportions';
import { type Interval } from '../statistics/descriptives';
import { type Species } from './catalogue';
import { shareAfterYears } from './sowingNumbers';

/** A test of a seed lot: on wet paper it says what sprouts; in water only what floats. */
export interface LotTest {
  kind: 'paper' | 'float';
  up: number;
  of: number;
  on: IsoDay;
}

export interface SeedLot {
  id: string;
  speciesId: string;
  /** What the class calls it. */
  name: string;
  /** Year on the packet; null where nobody knows. */
  year: number | null;
  /** Seeds left; null where nobody counted. */
  count: number | null;
  /** Packet directions, mm and days; null where the packet does not say. */
  depthMm: [number, number] | null;
  spacingMm: number | null;
  daysToSprout: [number, number] | null;
  tests: LotTest[];
}

/** What a plan uses of a lot: its newest test on paper and the depth on its packet. */
export function knownLot({ tests, depthMm }: Pick<SeedLot, 'tests' | 'depthMm'>): {
  test: LotTest | null;
  depthMm: [number, number] | null;
} {
  const onPaper = tests.filter((t) => t.kind === 'paper' && t.of > 0).sort((a, b) => (a.on < b.on ? 1 : -1));
  return { test: onPaper[0] ?? null, depthMm };
}

/** What is known of the lot that a plan takes its seeds from; null where it takes none, or one of another kind. */
export function lotOfPlan(plan: { seedLotId: string | null; speciesId: string }, lots: readonly SeedLot[]) {
  const lot = lots.find((l) => l.id === plan.seedLotId && l.speciesId === plan.speciesId);
  return lot ? knownLot(lot) : null;
}

export interface LotStanding {
  /** The newest test on paper: only that says what sprouts. */
  test: LotTest | null;
  /** Wilson interval of its share, 95 %. */
  interval: Interval | null;
  /** Share to expect without a test, by age. */
  byAge: number;
  /** What is to be said of it, or null. */
  warning: string | null;
}

const DAYS_IN_YEAR = 365.25;
/** A test older than this says little about today. */
const TEST_LASTS_DAYS = 365;

/** How a lot stands today: its test with interval, what its age would suggest, and whether it is past its best. */
export function lotStanding(lot: SeedLot, species: Species, today: IsoDay): LotStanding {
  const { test } = knownLot(lot);
  const age = lot.year === null ? 0 : Math.max(0, daysBetween(`${lot.year}-07-01`, today) / DAYS_IN_YEAR);
  const [early, late] = species.halfLifeYears;
  const byAge = shareAfterYears(species.germination, age, (early + late) / 2);
  const old = test !== null && daysBetween(test.on, today) > TEST_LASTS_DAYS;
  const warning =
    test === null && age > early
      ? say('seeds.pastBestAboutMay', { count: Math.round(100 * byAge) })
      : old
        ? say('seeds.testMoreYearOld')
        : test !== null && test.up / test.of < 0.5
          ? say('seeds.fewerHalfCameTest')
          : null;
  const share = test && wilson(test.up, test.of);
  return { test, interval: share?.ok ? share.interval : null, byAge, warning };
}
