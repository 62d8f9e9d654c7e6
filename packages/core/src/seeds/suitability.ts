import { say } from '@bright-sprout/words/say';
import { addDays, type IsoDay } from '../calendar/days';
import { type GrowingMethod, type Species } from './catalogue';
import { medianEmergenceDays } from './emergenceTime';

/** What a class can hope to see; flowers and harvest only where the weeks allow. */
export const SIGHTS = ['anything', 'roots', 'seed-leaves', 'blades', 'true-leaves', 'flower', 'harvest'] as const;
export type Sight = (typeof SIGHTS)[number];

export interface SeedWishes {
  weeks: number;
  /** Mean temperature at the seed, °C. */
  warmth: number;
  sowOn: IsoDay;
  method: GrowingMethod | null;
  see: Sight;
  /** Only hazards that every class has anyway. */
  harmless: boolean;
  /** At least 4 mm long. */
  easyToPickUp: boolean;
  /** A sowing that fails can be sown again within the weeks. */
  secondChance: boolean;
  /** Content on a sill without a lamp in the dark months. */
  noLamp: boolean;
  /** Ready for the open, and safe there, within the weeks; null where nothing goes out. */
  lastFrost: IsoDay | null;
}

/** Days over which seedlings get used to wind and sun. */
export const HARDENING_DAYS = 8;
const MOVABLE_AFTER_TRUE_LEAF_DAYS = 14;
const EASY_MM = 4;
/** A failure is seen so many days after most should be up; a plant is worth looking at a week after it is up. */
const NOTICED_DAYS = 3;
const WORTH_SEEING_DAYS = 7;
const NORMAL_HAZARDS = new Set(['never_eat', 'coated_seed']);

/**
 * Days that a kind may stand outside before (−) or after (+) the last frost. Rough: kinds that still sprout at 5 °C bear a
 * light frost, those that need 10 °C and more are spoilt by cold nights as well.
 */
export function frostMargin({ sproutsAt }: Species): number {
  if (sproutsAt.min <= 5) return -21;
  return sproutsAt.min < 10 ? 0 : 14;
}

/** First day on which a kind can be planted out: old enough and hardened off, and past the frost where a day is known. */
export function outsideFrom(
  species: Species,
  sownOn: IsoDay,
  lastFrost: IsoDay | null,
): { day: IsoDay; because: 'age' | 'frost' } {
  const trueLeaf = species.daysTo.firstTrueLeaf?.[1] ?? 2 * species.emergenceDays[1];
  const ready = addDays(sownOn, trueLeaf + MOVABLE_AFTER_TRUE_LEAF_DAYS);
  const safe = lastFrost === null ? ready : addDays(lastFrost, frostMargin(species));
  return safe > ready ? { day: safe, because: 'frost' } : { day: ready, because: 'age' };
}

/** Why a kind does not suit, a phrase for each reason; empty where it does. */
export function againstKind(species: Species, wishes: SeedWishes): string[] {
  const against: string[] = [];
  const days = 7 * wishes.weeks;
  const up = medianEmergenceDays(species, wishes.warmth);
  const { daysTo, seedLeavesAbove, habit } = species;
  if (!(up + WORTH_SEEING_DAYS <= days)) against.push(say('seeds.tooSlowWeeksRoom'));
  else if (wishes.secondChance && !(2 * (up + NOTICED_DAYS) + WORTH_SEEING_DAYS <= days)) against.push(say('seeds.timeSowAgain'));
  const seen: Record<Sight, boolean> = {
    anything: true,
    roots: wishes.method?.rootsVisible ?? true,
    'seed-leaves': habit === 'broad' && seedLeavesAbove,
    blades: habit === 'grass',
    'true-leaves': within(daysTo.firstTrueLeaf, days),
    flower: within(daysTo.flower, days),
    harvest: within(daysTo.harvest, days),
  };
  if (!seen[wishes.see]) against.push(say('seeds.thatIsNotTo'));
  if (wishes.harmless && !species.hazards.every((h) => NORMAL_HAZARDS.has(h))) against.push(say('seeds.somethingMind'));
  if (wishes.easyToPickUp && species.seedMm.length[1] < EASY_MM) against.push(say('seeds.hardPick'));
  if (wishes.method?.avoidFor.includes(species.id)) against.push(say('seeds.badlyGrown'));
  if (wishes.noLamp && species.lightNeed === 'high') against.push(say('seeds.wantsLampDarkMonths'));
  if (wishes.lastFrost !== null && outsideFrom(species, wishes.sowOn, wishes.lastFrost).day > addDays(wishes.sowOn, days))
    against.push(say('seeds.cannotGoOutsideTime'));
  return against;
}

function within(range: readonly [number, number] | null, days: number): boolean {
  return range !== null && range[1] <= days;
}
