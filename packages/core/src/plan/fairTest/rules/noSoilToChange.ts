import { say } from '@bright-sprout/words/say';
import { type Factor, type PlanDocument } from '../../document/planDocument';
import { emptyFactors } from '../../recipes/differences';
import { type Recipe } from '../../recipes/recipe';
import { type FairRule } from '../fairRule';
import { lower, methodOf } from '../planFacts';

/** A factor that changes nothing because there is no soil to change it in; null where there is none. */
export function nothingOfSoil(plan: PlanDocument, recipes: readonly Recipe[]): Factor | null {
  if (!methodOf(plan).paper) return null;
  const added = (f: Factor) => ['chalk', 'soil', 'depth', 'salt', 'acid', 'feed'].includes(f.subject);
  const some = (f: Factor) => f.subject === 'depth' || f.levels.some((l) => (l.amount ?? 1) > 0);
  return (
    emptyFactors(recipes)
      .map((f) => plan.factors[f]!)
      .find((f) => added(f) && some(f)) ?? null
  );
}

export const noSoilToChange: FairRule = {
  code: 'no-soil-to-change',
  check: (plan, { recipes }) => {
    const factor = nothingOfSoil(plan, recipes);
    if (!factor) return null;
    return {
      severity: 'stop',
      params: { factor: factor.name, method: methodOf(plan).grownIn },
      fix: {
        label: say('fairTest.growThemCupsPotting'),
        apply: (p) => ({ ...p, methodId: 'cup_mix', fillMl: 215, protocol: { ...p.protocol, sprouted: 'shoot' } }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.soilCannotChanged', { method: lower(String(p.method)), factor: p.factor }),
    why: say('fairTest.labelsDifferContainers'),
  }),
};
