import { type FactorSubject } from '../document/planDocument';
import { byTreatment } from './byTreatment';
import { type Recipe, type Setting } from './recipe';

/** A part of a recipe in which treatments can differ. */
export const ASPECTS = [
  'kind',
  'lot',
  'seeds',
  'plants',
  'depth',
  'soak',
  'filling',
  'mix',
  'liquid',
  'water',
  'standing',
  'warmth',
  'day',
] as const;
export type Aspect = (typeof ASPECTS)[number];

const amounts = (settings: readonly Setting[]) =>
  settings.map(({ subject, amount, unit, label }) => [subject, amount ?? label, unit]);
const named = (recipe: Recipe, subject: FactorSubject) => recipe.settings.find((s) => s.subject === subject)?.label ?? null;

const VALUE_OF: Record<Aspect, (recipe: Recipe) => unknown> = {
  // Two varieties of one kind are told apart by their names.
  kind: (r) => [r.species.id, named(r, 'kind')],
  lot: (r) => r.lot,
  seeds: (r) => r.seeds,
  plants: (r) => r.keep,
  depth: (r) => r.wayIn,
  soak: (r) => r.soakHours,
  filling: (r) => r.fillMl,
  mix: (r) => amounts(r.mixedIn),
  liquid: (r) => amounts(r.stirredIn),
  // What is only named, "a little" and "plenty", differs by its name.
  water: (r) => [r.doseMl, r.firstWaterMl, r.settings.find((s) => s.subject === 'water' && s.amount === null)?.label],
  standing: (r) => r.stands.filter((s) => s.subject !== 'temperature' || s.amount === null).map((s) => s.label),
  warmth: (r) => r.room,
  day: (r) => r.sowOn,
};

/** What a factor may change: a difference in anything else is not its doing. */
const CHANGES: Record<FactorSubject, readonly Aspect[]> = {
  salt: ['liquid', 'mix'],
  acid: ['liquid', 'mix'],
  feed: ['liquid', 'mix'],
  chalk: ['mix'],
  soil: ['mix'],
  water: ['water'],
  light: ['standing'],
  cover: ['standing'],
  place: ['standing'],
  other: ['standing'],
  temperature: ['standing', 'warmth'],
  depth: ['depth'],
  soaking: ['soak'],
  'seed-age': ['lot'],
  crowding: ['plants', 'seeds'],
  // A kind brings its own depth, numbers and time in water.
  kind: ['kind', 'seeds', 'plants', 'depth', 'soak'],
  age: ['day'],
};

const differIn = (recipes: readonly Recipe[], aspect: Aspect) =>
  byTreatment(recipes, (r) => JSON.stringify(VALUE_OF[aspect](r) ?? 'none')).length > 1;

/** What differs between treatments without any factor that changes it. */
export function unfairDifferences(recipes: readonly Recipe[]): Aspect[] {
  const declared = new Set((recipes[0]?.settings ?? []).flatMap((s) => CHANGES[s.subject]));
  return ASPECTS.filter((aspect) => !declared.has(aspect) && differIn(recipes, aspect));
}

/** Two treatments whose recipes are the same in everything but their names; null where every two differ. */
export function sameRecipes(recipes: readonly Recipe[]): [Recipe, Recipe] | null {
  const seen = new Map<string, Recipe>();
  for (const recipe of recipes) {
    const key = JSON.stringify(ASPECTS.map((aspect) => VALUE_OF[aspect](recipe) ?? 'none'));
    const twin = seen.get(key);
    if (twin) return [twin, recipe];
    seen.set(key, recipe);
  }
  return null;
}

/** Factors, by their place, that change nothing of what is done: their levels differ in name only. */
export function emptyFactors(recipes: readonly Recipe[]): number[] {
  return (recipes[0]?.settings ?? []).flatMap(({ subject }, f) => {
    const others = ({ treatment }: Recipe) => JSON.stringify(treatment.levels.map((l, i) => (i === f ? null : l.label)));
    const groups = byTreatment(recipes, others).map(({ treatments }) =>
      recipes.filter((r) => treatments.length === 0 || treatments.includes(r.treatment.code)),
    );
    const changes = groups.some((own) => CHANGES[subject].some((aspect) => differIn(own, aspect)));
    return changes || groups.every((own) => own.length < 2) ? [] : [f];
  });
}
