import { type IsoDay } from '../../calendar/days';
import { type Result } from '../../result/result';
import { substrateNeed, type SubstrateNeed } from '../../mixing/substrate';
import { type GrowingMethod, methodById, type Species, speciesById } from '../../seeds/catalogue';
import { type EmergenceForecast, forecastEmergence } from '../../seeds/emergenceForecast';
import { type SowingDepth, sowingDepth } from '../../seeds/sowingDepth';
import {
  type BlankContainers,
  blankContainers,
  chanceOfAtLeast,
  type SeedChance,
  seedsToBuy,
  seedsToSow,
} from '../../seeds/sowingNumbers';
import { type Recipe, recipesOf } from '../recipes/recipe';
import { type Layout, layOut } from '../layout/layOut';
import { type PlanDocument } from '../document/planDocument';
import { type PlannedTreatment } from '../document/planTreatments';
import { POTS_LOSE } from '../document/startingPoints';
import { planChecks } from '../document/planChecks';
import { namedTreatments, seedsOfTreatment, sowingDays, speciesOfTreatment } from '../document/treatmentSowing';

/** What follows for one kind of seed of a plan. */
export interface KindWorkedOut {
  species: Species;
  /** Codes of the treatments that are sown with it. */
  treatments: string[];
  containers: number;
  /** In each container. */
  seedsEach: number;
  toBuy: Result<{ seeds: number; packets: number | null }>;
  /** Share of seeds expected up in class pots, or the test it comes from. */
  chance: SeedChance;
  /** Seeds for 19 of 20 containers with the wanted plants; null where no number does. */
  seedsAdvised: number | null;
  chanceOfEnough: number;
  blanks: BlankContainers;
  depth: SowingDepth;
  forecast: Result<EmergenceForecast>;
}

/** Everything that follows from a plan; cheap enough for every keystroke. */
export interface WorkedOut {
  /** What was known of the seed lot. */
  lot: KnownLot | null;
  treatments: PlannedTreatment[];
  /** What each treatment is, in their order. */
  recipes: Recipe[];
  layout: Layout;
  containers: number;
  seedsSown: number;
  /** One for each kind of seed, in the order of the treatments; nearly always one. */
  kinds: KindWorkedOut[];
  /** Of the kind for which the seeds are least surely enough. */
  seedsAdvised: number | null;
  chanceOfEnough: number;
  /** Over all kinds; the range adds up theirs, so with several it is rather too wide. */
  blanks: Pick<BlankContainers, 'expected' | 'range90'>;
  soil: SubstrateNeed;
  /** From the driest to the dampest container that is wetted at all, and of all together, mL. */
  firstWater: { eachMl: readonly [number, number]; totalMl: number };
  /** Of the slowest kind, from the first sowing. */
  forecast: Result<EmergenceForecast>;
  checkDays: Result<{ days: IsoDay[] }>;
}

/** What is known of the seed lot: its newest test on paper, and the depth on its packet. */
export interface KnownLot {
  test: { up: number; of: number } | null;
  depthMm: readonly [number, number] | null;
}

/** @param lot of the plan's own kind of seed */
export function workOut(plan: PlanDocument, teams: number, lot: KnownLot | null = null): WorkedOut {
  const method = methodById(plan.methodId)!;
  const treatments = namedTreatments(plan);
  const layout = layOut(plan, teams);
  const containers = layout.containers.length;
  const kinds = [...new Set(treatments.map((t) => speciesOfTreatment(plan, t)))].map((id) => {
    const codes = treatments.filter((t) => speciesOfTreatment(plan, t) === id).map((t) => t.code);
    const own = layout.containers.filter((c) => codes.includes(c.treatment)).length;
    const seedsEach = seedsOfTreatment(
      plan,
      treatments.find((t) => codes.includes(t.code))!,
    );
    return kindWorkedOut({ ...plan, seedsEach }, method, speciesById(id)!, codes, own, id === plan.speciesId ? lot : null);
  });
  const recipes = recipesOf(plan, lot?.depthMm ?? undefined);
  const least = kinds.reduce((a, b) => (b.chanceOfEnough < a.chanceOfEnough ? b : a));
  return {
    lot,
    treatments,
    recipes,
    layout,
    containers,
    seedsSown: kinds.reduce((sum, k) => sum + k.containers * k.seedsEach, 0),
    kinds,
    seedsAdvised: least.seedsAdvised,
    chanceOfEnough: least.chanceOfEnough,
    blanks: {
      expected: kinds.reduce((sum, k) => sum + k.blanks.expected, 0),
      range90: [0, 1].map((i) => kinds.reduce((sum, k) => sum + k.blanks.range90[i]!, 0)) as [number, number],
    },
    soil: substrateNeed(containers, plan.fillMl, method.paper ? 1 : undefined),
    firstWater: firstWater(recipes, layout),
    forecast: slowest(kinds.map((k) => k.forecast)),
    checkDays: planChecks(plan),
  };
}

function firstWater(recipes: readonly Recipe[], { containers }: Layout): WorkedOut['firstWater'] {
  const wetted = recipes.flatMap(({ treatment, firstWaterMl }) => (firstWaterMl ? [{ code: treatment.code, firstWaterMl }] : []));
  if (wetted.length === 0) return { eachMl: [0, 0], totalMl: 0 };
  return {
    eachMl: [Math.min(...wetted.map((w) => w.firstWaterMl[0])), Math.max(...wetted.map((w) => w.firstWaterMl[1]))],
    totalMl: wetted.reduce((sum, w) => sum + w.firstWaterMl[1] * containers.filter((c) => c.treatment === w.code).length, 0),
  };
}

function kindWorkedOut(
  plan: PlanDocument,
  method: GrowingMethod,
  species: Species,
  treatments: string[],
  containers: number,
  lot: KnownLot | null,
): KindWorkedOut {
  const { protocol, seedsEach } = plan;
  const chance: SeedChance = lot?.test ?? { share: species.germination * (method.paper ? 1 : POTS_LOSE) };
  const keep = plan.kind === 'crowding' ? plan.keep : 1;
  return {
    species,
    treatments,
    containers,
    seedsEach,
    toBuy: toBuy(plan, containers),
    chance,
    seedsAdvised: protocol.seedsToHole === 'one' ? 1 : protocol.seedsToHole === 'few' ? 3 : seedsToSow(chance, keep),
    chanceOfEnough: chanceOfAtLeast(keep, seedsEach, chance),
    blanks: blankContainers(containers, seedsEach, chance),
    depth: sowingDepth(species, { school: protocol.depth, packetMm: lot?.depthMm ?? undefined }),
    forecast: forecastEmergence(species, {
      sownOn: sowingDays(plan)[0]!,
      seeds: containers * seedsEach,
      room: plan.room,
      calendar: plan.calendar,
      rootTip: protocol.sprouted === 'root-2mm',
      germination: 'share' in chance ? chance.share : (chance.up + 0.5) / (chance.of + 1),
    }),
  };
}

/** Seeds to spare that go home with each pot. */
export function spareSeedsInKit(seedsEach: number): number {
  return Math.max(1, Math.ceil(0.2 * seedsEach));
}

/** Seeds to have: with the plan's spares, or, where every pot goes home, with those of each kit. */
function toBuy({ assignment, seedsEach, sparePercent, packetSeeds }: PlanDocument, containers: number): KindWorkedOut['toBuy'] {
  const packet = packetSeeds >= 1 ? packetSeeds : null;
  if (assignment !== 'own-pot') return seedsToBuy(containers, seedsEach, sparePercent, packet);
  return seedsToBuy(containers, seedsEach + spareSeedsInKit(seedsEach), 0, packet);
}

/** The forecast whose half comes last; one that cannot be made counts as the slowest. */
function slowest(forecasts: readonly Result<EmergenceForecast>[]): Result<EmergenceForecast> {
  const half = (f: Result<EmergenceForecast>) => (f.ok ? (f.half.likely ?? '9999') : '~');
  return forecasts.reduce((a, b) => (half(b) > half(a) ? b : a));
}
