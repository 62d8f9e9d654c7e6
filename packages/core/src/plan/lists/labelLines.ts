import { say } from '@bright-sprout/words/say';
import { formatDay } from '../../calendar/days';
import { type PlanDocument } from '../document/planDocument';
import { type Recipe } from '../recipes/recipe';

/** What stands on the label of a treatment besides its code: what it gets, and what somebody at the bench has to know of it. */
export function labelLines({ protocol }: Pick<PlanDocument, 'protocol'>, recipe: Recipe, all: readonly Recipe[]): string[] {
  const { treatment, species, keep, sowOn, settings } = recipe;
  const kind = species.name.toLowerCase();
  const severalKinds = new Set(all.map((r) => r.species.id)).size > 1;
  const crowded = settings.some((s) => s.subject === 'crowding');
  return [
    treatment.label,
    ...(severalKinds && !treatment.label.toLowerCase().includes(kind) ? [kind] : []),
    // The days say: thin to the number on the label.
    ...(crowded && keep !== null && !treatment.label.includes(String(keep)) ? [say('lists.thinTo', { keep })] : []),
    ...(new Set(all.map((r) => r.sowOn)).size > 1 ? [say('lists.sownOn', { sowOn: formatDay(sowOn, 'short') })] : []),
    ...(protocol.water === 'by-weight' ? [say('lists.waterG')] : []),
  ];
}
