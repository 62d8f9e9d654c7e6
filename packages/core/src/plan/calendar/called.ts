import { listInWords } from '../../words/listInWords';
import { byTreatment } from '../recipes/byTreatment';
import { type Recipe } from '../recipes/recipe';

/** Treatments that share something, and how they are called beside the others. */
export interface Called<T> {
  value: T;
  /** Empty where all share it; the kind where all of a kind do; else the codes. */
  called: { species?: string };
  /** For sentences that need a noun in any case: `barley`, `sunflower (A)`. */
  plants: string;
}

/** What recipes have, each value once, with whom it is about; null is having nothing. */
export function calledBy<T>(recipes: readonly Recipe[], of: (recipe: Recipe) => T | null): Called<T>[] {
  return byTreatment(recipes, of).map(({ treatments, value }) => {
    const own = treatments.length === 0 ? recipes : recipes.filter((r) => treatments.includes(r.treatment.code));
    const kinds = new Set(own.map((r) => r.species.id));
    const names = listInWords([...new Set(own.map((r) => r.species.name.toLowerCase()))]);
    const whole = recipes.filter((r) => kinds.has(r.species.id)).length === own.length;
    if (treatments.length === 0) return { value, called: {}, plants: names };
    if (whole && kinds.size === 1) return { value, called: { species: names }, plants: names };
    return { value, called: { species: listInWords(treatments) }, plants: `${names} (${treatments.join(', ')})` };
  });
}
