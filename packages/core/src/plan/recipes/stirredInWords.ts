import { say } from '@bright-sprout/words/say';
import { type Recipe } from './recipe';

/** What is stirred into the water of a recipe, as it is told: `25 mmol/L (salt in the water)`; empty for plain water. */
export function stirredInWords({ stirredIn }: Pick<Recipe, 'stirredIn'>): string {
  const [first, ...others] = stirredIn.map((s) => `${s.label} (${s.factor})`);
  return others.reduce((words, other) => say('recipes.with', { first: words, second: other }), first ?? '');
}
