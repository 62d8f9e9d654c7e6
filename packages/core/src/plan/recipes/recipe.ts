import { type IsoDay } from '../../calendar/days';
import { firstWaterMl } from '../../mixing/substrate';
import { type RoomTemperature } from '../../calendar/roomTemperature';
import { type GrowingMethod, methodById, type Species, speciesById } from '../../seeds/catalogue';
import { type FactorSubject, type PlanDocument } from '../document/planDocument';
import { type PlannedTreatment } from '../document/planTreatments';
import {
  ageOfTreatment,
  namedTreatments,
  seedsOfTreatment,
  sowingDayOfTreatment,
  speciesOfTreatment,
} from '../document/treatmentSowing';
import { additiveOf } from './additive';
import { isShut, isWatered } from '../document/waterings';
import { taggedPlants } from './taggedPlants';
import { type WayIn, wayInOf } from './wayIn';

/** What a factor sets for a treatment. */
export interface Setting {
  subject: FactorSubject;
  /** Name of the factor. */
  factor: string;
  label: string;
  /** In the factor's unit; null where the level is only named. */
  amount: number | null;
  unit: string;
}

/** Everything that is done for the containers of one treatment. */
export interface Recipe {
  treatment: PlannedTreatment;
  species: Species;
  /** Lots of different age are told apart by their names; null where all seeds are of one lot. */
  lot: string | null;
  /** In one container. */
  seeds: number;
  /** Seedlings that stay when they are thinned; null where all that come up stay. */
  keep: number | null;
  wayIn: WayIn;
  /** Shortest and longest time in water before sowing, in hours; null for dry seeds. */
  soakHours: readonly [number, number] | null;
  fillMl: number;
  /** What is in the mix: chalk, other soil; empty for plain mix, and where there is none. */
  mixedIn: Setting[];
  /** What is stirred into its water; empty for plain water. */
  stirredIn: Setting[];
  /** First water of one container, mL; null for paper that stays dry. */
  firstWaterMl: readonly [number, number] | null;
  /** Each time it is watered, mL; null for what is shut or needs none. */
  doseMl: number | null;
  /** How it stands from sowing on: light, cover, place. */
  stands: Setting[];
  /** Warmth around it: the room's, or its own place's where places differ in warmth. */
  room: RoomTemperature;
  /** The grass's longest blade or the growing tip, as the plan has it for its kind. */
  heightRule: PlanDocument['protocol']['height'];
  /** Plants in one container that are measured one by one. */
  tagged: number;
  sowOn: IsoDay;
  /** Rung of an age ladder: days that it was to be old on the lesson day, and will be; null elsewhere. */
  age: { promised: number; real: number } | null;
  /** What the factors set, in their order. */
  settings: Setting[];
}

const STIRRED_IN: readonly FactorSubject[] = ['salt', 'acid', 'feed'];
const IN_THE_MIX: readonly FactorSubject[] = ['chalk', 'soil'];
const STANDS: readonly FactorSubject[] = ['light', 'cover', 'place', 'temperature', 'other'];

/** What each treatment of a plan is, in the order of the treatments; kinds that nobody knows are left out. */
export function recipesOf(plan: PlanDocument, packetMm?: readonly [number, number]): Recipe[] {
  const method = methodById(plan.methodId);
  if (!method) return [];
  return namedTreatments(plan).flatMap((treatment): Recipe[] => {
    const species = speciesById(speciesOfTreatment(plan, treatment));
    return species ? [recipeOf(plan, method, treatment, species, packetMm)] : [];
  });
}

function recipeOf(
  plan: PlanDocument,
  method: GrowingMethod,
  treatment: PlannedTreatment,
  species: Species,
  packetMm: readonly [number, number] | undefined,
): Recipe {
  const settings = plan.factors.map(({ subject, name, unit }, i): Setting => {
    const level = treatment.levels[i]!;
    return { subject, factor: name, label: level.label.trim(), amount: level.amount, unit };
  });
  const of = (subject: FactorSubject) => settings.find((s) => s.subject === subject);
  const some = (subjects: readonly FactorSubject[]) => settings.filter((s) => subjects.includes(s.subject));
  const seeds = seedsOfTreatment(plan, treatment);
  const keep = keptOf(plan, method, seeds, of('crowding'));
  return {
    treatment,
    species,
    lot: of('seed-age')?.label ?? null,
    seeds,
    keep,
    wayIn: wayInOf(plan, method, species, seeds, {
      depth: of('depth'),
      packetMm: species.id === plan.speciesId ? packetMm : undefined,
    }),
    soakHours: soakOf(species, of('soaking')),
    fillMl: plan.fillMl,
    mixedIn: method.paper ? [] : settings.filter((s) => isSome(s) && isMixedIn(s)),
    stirredIn: some(STIRRED_IN).filter((s) => isSome(s) && !isMixedIn(s)),
    firstWaterMl: firstWater(plan, method, of('water')),
    doseMl: isWatered(plan) ? (of('water')?.amount ?? plan.doseMl) : null,
    stands: some(STANDS),
    room: roomOf(plan, of('temperature')),
    heightRule: heightRuleOf(plan, species),
    tagged: taggedPlants(plan, keep ?? seeds),
    sowOn: sowingDayOfTreatment(plan, treatment),
    age: ageOfTreatment(plan, treatment),
    settings,
  };
}

/** Stirred into the mix, or given to each container by itself before sowing. */
const isMixedIn = (s: Setting) => IN_THE_MIX.includes(s.subject) || additiveOf(s)?.into === 'each';

/** An amount of nothing is nothing; what is only named is something. */
const isSome = ({ amount }: Setting) => amount === null || amount > 0;

function keptOf(plan: PlanDocument, method: GrowingMethod, seeds: number, crowding: Setting | undefined): number | null {
  const keep = crowding?.amount ?? plan.keep;
  return plan.kind === 'viability' || plan.kind === 'patch' || isShut(plan, method) || seeds <= keep ? null : keep;
}

function soakOf({ before }: Species, soaking: Setting | undefined): Recipe['soakHours'] {
  if (soaking) return soaking.amount !== null && soaking.amount > 0 ? [soaking.amount, soaking.amount] : null;
  return before.neverSoak ? null : before.soakHours;
}

/** By what the filling takes; on paper an amount of water that differs is what it gets, and none leaves it dry. */
function firstWater(
  { fillMl }: PlanDocument,
  { damp, paper }: GrowingMethod,
  water: Setting | undefined,
): Recipe['firstWaterMl'] {
  if (paper && water && water.amount !== null) return water.amount === 0 ? null : [water.amount, water.amount];
  return firstWaterMl(fillMl, damp);
}

/** A place of its own warmth has it day and night. */
function roomOf({ room }: PlanDocument, warmth: Setting | undefined): RoomTemperature {
  if (!warmth || warmth.amount === null || warmth.unit !== '°C') return room;
  return { ...room, day: warmth.amount, night: warmth.amount, weekend: null };
}

/** Where grasses and broad-leaved kinds stand side by side, each is measured as its kind is. */
function heightRuleOf({ protocol, speciesId }: PlanDocument, { habit }: Species): Recipe['heightRule'] {
  if (protocol.height === 'highest-point' || speciesById(speciesId)?.habit === habit) return protocol.height;
  return habit === 'grass' ? 'longest-leaf' : 'growing-tip';
}
