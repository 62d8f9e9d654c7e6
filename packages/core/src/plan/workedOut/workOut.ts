import { type IsoDay } from '../../calendar/days';
import { type Result } from '../../result/result';
import { substrateNeed, type SubstrateNeed } from '../../mixing/substrate';
import { methodById, type Species } from '../../seeds/catalogue';
import { type EmergenceForecast } from '../../seeds/emergenceForecast';
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
import { allOf, type Layout, layOut } from '../layout/layOut';
import { type PlanDocument } from '../document/planDocument';
import { type PlannedTreatment } from '../document/planTreatments';
import { POTS_LOSE } from '../document/startingPoints';
import { planChecks } from '../document/planChecks';
import { namedTreatments } from '../document/treatmentSowing';
import { slowest, type Sprouting, sproutingsOf } from './sproutings';

/** What follows for one kind of seed of a plan. */
export interface KindWorkedOut {
  species: Species;
  /** Codes of the treatments that are sown with it. */
  treatments: string[];
  containers: number;
  /** Seeds in all of them. */
  sown: number;
  toBuy: Result<{ seeds: number; packets: number | null }>;
  /** Share of seeds expected up in class pots, or the test it comes from. */
  chance: SeedChance;
  /** Seeds for 19 of 20 containers with the wanted plants; null where no number does. */
  seedsAdvised: number | null;
  chanceOfEnough: number;
  blanks: Pick<BlankContainers, 'expected' | 'range90'>;
  depth: SowingDepth;
  /** Of its first sowing, in the coolest of its places. */
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
  /** Those that are compared, and how many stand in reserve besides. */
  containers: number;
  reserve: number;
  /** In all of them. */
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
  /** What comes up together, each with its forecast. */
  sproutings: Sprouting[];
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
  const layout = layOut(plan, teams);
  const containers = layout.containers.length;
  const recipes = recipesOf(plan, lot?.depthMm ?? undefined);
  const all = allOf(layout);
  const comparedOf = (code: string) => layout.containers.filter((c) => c.treatment === code).length;
  const allWith = (code: string) => all.filter((c) => c.treatment === code).length;
  const lotOf = (species: Species) => (species.id === plan.speciesId ? lot : null);
  const chanceOf = (species: Species): SeedChance =>
    lotOf(species)?.test ?? { share: species.germination * (method.paper ? 1 : POTS_LOSE) };
  const sproutings = sproutingsOf(plan, recipes, allWith, chanceOf);
  const kinds = [...new Set(recipes.map((r) => r.species))].map((species) =>
    kindWorkedOut(plan, {
      species,
      recipes: recipes.filter((r) => r.species === species),
      comparedOf,
      allWith,
      chance: chanceOf(species),
      packetMm: lotOf(species)?.depthMm ?? undefined,
      forecast: ofFirstSowing(sproutings.filter((s) => s.species === species)),
    }),
  );
  const least = kinds.reduce((a, b) => (b.chanceOfEnough < a.chanceOfEnough ? b : a));
  return {
    lot,
    treatments: namedTreatments(plan),
    recipes,
    layout,
    containers,
    reserve: layout.reserve.length,
    seedsSown: kinds.reduce((sum, k) => sum + k.sown, 0),
    kinds,
    seedsAdvised: least.seedsAdvised,
    chanceOfEnough: least.chanceOfEnough,
    blanks: addedUp(kinds.map((k) => k.blanks)),
    soil: substrateNeed(all.length, plan.fillMl, method.paper ? 1 : undefined),
    firstWater: firstWater(recipes, allWith),
    sproutings,
    forecast: slowest(kinds.map((k) => k.forecast)),
    checkDays: planChecks(plan),
  };
}

function ofFirstSowing(sproutings: readonly Sprouting[]): Result<EmergenceForecast> {
  const first = sproutings.map((s) => s.sowOn).sort()[0];
  return slowest(sproutings.filter((s) => s.sowOn === first).map((s) => s.forecast));
}

/** Empty containers of several groups: their ranges added up, so rather too wide. */
function addedUp(blanks: readonly WorkedOut['blanks'][]): WorkedOut['blanks'] {
  return {
    expected: blanks.reduce((sum, b) => sum + b.expected, 0),
    range90: [0, 1].map((i) => blanks.reduce((sum, b) => sum + b.range90[i]!, 0)) as [number, number],
  };
}

function firstWater(recipes: readonly Recipe[], allWith: (code: string) => number): WorkedOut['firstWater'] {
  const wetted = recipes.flatMap(({ treatment, firstWaterMl }) => (firstWaterMl ? [{ code: treatment.code, firstWaterMl }] : []));
  if (wetted.length === 0) return { eachMl: [0, 0], totalMl: 0 };
  return {
    eachMl: [Math.min(...wetted.map((w) => w.firstWaterMl[0])), Math.max(...wetted.map((w) => w.firstWaterMl[1]))],
    totalMl: wetted.reduce((sum, w) => sum + w.firstWaterMl[1] * allWith(w.code), 0),
  };
}

interface OfKind {
  species: Species;
  recipes: readonly Recipe[];
  comparedOf: (code: string) => number;
  allWith: (code: string) => number;
  chance: SeedChance;
  packetMm: readonly [number, number] | undefined;
  forecast: Result<EmergenceForecast>;
}

function kindWorkedOut(plan: PlanDocument, kind: OfKind): KindWorkedOut {
  const { species, recipes, comparedOf, allWith, chance, packetMm, forecast } = kind;
  const { protocol } = plan;
  const own = recipes.map((r) => ({ seeds: r.seeds, code: r.treatment.code, wanted: plantsWanted(plan, r) }));
  const counted = (of: (code: string) => number) => own.map(({ seeds, code }) => ({ seeds, containers: of(code) }));
  const advised = Math.max(...own.map((o) => seedsToSow(chance, o.wanted) ?? Infinity));
  return {
    species,
    treatments: own.map((o) => o.code),
    containers: counted(comparedOf).reduce((sum, o) => sum + o.containers, 0),
    sown: counted(allWith).reduce((sum, o) => sum + o.containers * o.seeds, 0),
    toBuy: toBuy(plan, counted(allWith)),
    chance,
    seedsAdvised:
      protocol.seedsToHole === 'one' ? 1 : protocol.seedsToHole === 'few' ? 3 : Number.isFinite(advised) ? advised : null,
    chanceOfEnough: Math.min(...own.map((o) => chanceOfAtLeast(o.wanted, o.seeds, chance))),
    blanks: blanksOf(counted(comparedOf), chance),
    depth: sowingDepth(species, { school: protocol.depth, packetMm }),
    forecast,
  };
}

/** Plants that a container is to have at least. */
function plantsWanted({ kind, keep }: PlanDocument, { settings }: Recipe): number {
  return settings.find((s) => s.subject === 'crowding')?.amount ?? (kind === 'crowding' ? keep : 1);
}

/** Containers with the same number of seeds share what a test leaves open. */
function blanksOf(own: readonly { seeds: number; containers: number }[], chance: SeedChance): WorkedOut['blanks'] {
  const groups = new Map<number, number>();
  for (const { seeds, containers } of own) groups.set(seeds, (groups.get(seeds) ?? 0) + containers);
  return addedUp([...groups].map(([seeds, containers]) => blankContainers(containers, seeds, chance)));
}

/** Seeds to spare that go home with each pot. */
export function spareSeedsInKit(seedsEach: number): number {
  return Math.max(1, Math.ceil(0.2 * seedsEach));
}

/** Seeds to have: with the plan's spares, or, where every pot goes home, with those of each kit. */
function toBuy(
  { assignment, sparePercent, packetSeeds }: PlanDocument,
  own: readonly { seeds: number; containers: number }[],
): KindWorkedOut['toBuy'] {
  const packet = packetSeeds >= 1 ? packetSeeds : null;
  const home = assignment === 'own-pot';
  const needed = own.reduce((sum, o) => sum + o.containers * (o.seeds + (home ? spareSeedsInKit(o.seeds) : 0)), 0);
  return seedsToBuy(1, needed, home ? 0 : sparePercent, packet);
}
