import { type IsoDay } from '../../calendar/days';
import { type GrowingMethod, methodById, type Species, speciesById } from '../../seeds/catalogue';
import { sowingDepth } from '../../seeds/sowingDepth';
import { type FactorSubject, type PlanDocument } from '../document/planDocument';
import { type PlannedTreatment } from '../document/planTreatments';
import {
  ageOfTreatment,
  namedTreatments,
  seedsOfTreatment,
  sowingDayOfTreatment,
  speciesOfTreatment,
} from '../document/treatmentSowing';

/** How the seeds come to lie where they sprout; depths in millimetres of mix above them. */
export type WayIn =
  | { way: 'holes'; depthMm: readonly [number, number] }
  /** Over the whole surface, and so much mix sprinkled over them; 0 for none. */
  | { way: 'scattered'; depthMm: readonly [number, number] }
  /** On the mix, and not covered. */
  | { way: 'pressed' }
  /** On wet paper, pad or sponge. */
  | { way: 'laid' }
  /** As the level is named, where it has no number. */
  | { way: 'named'; label: string };

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
  /** In one container. */
  seeds: number;
  /** Seedlings that stay when they are thinned; null where all that come up stay. */
  keep: number | null;
  wayIn: WayIn;
  /** Shortest and longest time in water before sowing, in hours; null for dry seeds. */
  soakHours: readonly [number, number] | null;
  fillMl: number;
  /** Each time it is watered with a measured amount, mL. */
  doseMl: number;
  sowOn: IsoDay;
  /** Rung of an age ladder: days that it was to be old on the lesson day, and will be; null elsewhere. */
  age: { promised: number; real: number } | null;
  /** What the factors set, in their order. */
  settings: Setting[];
}

/** Sections and flats in which so many seeds stand are sown over their whole surface. */
const SCATTERED_FROM = 30;

/** What each treatment of a plan is, in the order of the treatments; kinds that nobody knows are left out. */
export function recipesOf(plan: PlanDocument, packetMm?: readonly [number, number]): Recipe[] {
  const method = methodById(plan.methodId);
  if (!method) return [];
  return namedTreatments(plan).flatMap((treatment): Recipe[] => {
    const species = speciesById(speciesOfTreatment(plan, treatment));
    if (!species) return [];
    const settings = plan.factors.map(({ subject, name, unit }, i): Setting => {
      const level = treatment.levels[i]!;
      return { subject, factor: name, label: level.label.trim(), amount: level.amount, unit };
    });
    const seeds = seedsOfTreatment(plan, treatment);
    const of = (subject: FactorSubject) => settings.find((s) => s.subject === subject);
    return [
      {
        treatment,
        species,
        seeds,
        keep: keptOf({ ...plan, seedsEach: seeds }, method, of('crowding')),
        wayIn: wayInOf(
          { ...plan, seedsEach: seeds },
          method,
          species,
          of('depth'),
          species.id === plan.speciesId ? packetMm : undefined,
        ),
        soakHours: soakOf(species, of('soaking')),
        fillMl: plan.fillMl,
        doseMl: of('water')?.amount ?? plan.doseMl,
        sowOn: sowingDayOfTreatment(plan, treatment),
        age: ageOfTreatment(plan, treatment),
        settings,
      },
    ];
  });
}

function keptOf(plan: PlanDocument, method: GrowingMethod, crowding: Setting | undefined): number | null {
  const keep = crowding?.amount ?? plan.keep;
  const shut = method.cover === 'stays' && plan.protocol.openBag === 'never';
  return plan.kind === 'viability' || plan.kind === 'patch' || shut || plan.seedsEach <= keep ? null : keep;
}

function wayInOf(
  plan: PlanDocument,
  method: GrowingMethod,
  species: Species,
  depth: Setting | undefined,
  packetMm: readonly [number, number] | undefined,
): WayIn {
  if (method.paper) return { way: 'laid' };
  if (depth && depth.amount === null) return { way: 'named', label: depth.label };
  const depthMm: readonly [number, number] = depth
    ? [depth.amount!, depth.amount!]
    : sowingDepth(species, { school: plan.protocol.depth, packetMm }).mm;
  if (plan.kind === 'patch' || plan.seedsEach >= SCATTERED_FROM) return { way: 'scattered', depthMm };
  return depthMm[1] === 0 ? { way: 'pressed' } : { way: 'holes', depthMm };
}

function soakOf({ before }: Species, soaking: Setting | undefined): Recipe['soakHours'] {
  if (soaking) return soaking.amount !== null && soaking.amount > 0 ? [soaking.amount, soaking.amount] : null;
  return before.neverSoak ? null : before.soakHours;
}

/** A value with the treatments that have it. */
export interface Shared<T> {
  /** Codes; empty where all treatments have it. */
  treatments: string[];
  value: T;
}

/** What the recipes have, each value once: first what all share, then what differs by treatment. Null is having nothing. */
export function byTreatment<T>(recipes: readonly Recipe[], of: (recipe: Recipe) => T | null): Shared<T>[] {
  const groups = new Map<string, Shared<T>>();
  for (const recipe of recipes) {
    const value = of(recipe);
    if (value === null) continue;
    const key = JSON.stringify(value);
    const group = groups.get(key) ?? { treatments: [], value };
    group.treatments.push(recipe.treatment.code);
    groups.set(key, group);
  }
  return [...groups.values()].map((g) => (g.treatments.length === recipes.length ? { ...g, treatments: [] } : g));
}
