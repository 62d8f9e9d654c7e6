import { type Recipe } from './recipe';

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
