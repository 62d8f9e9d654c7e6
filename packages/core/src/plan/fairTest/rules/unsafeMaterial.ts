import { type FairRule } from '../fairRule';
import { cautionsFor } from '../../cautions/cautions';
import { RECIPES } from '../../document/startingPlans';
import { keptSameFor } from '../../document/startingPoints';

export const unsafeMaterial: FairRule = {
  code: 'unsafe-material',
  ofEveryKind: true,
  check: (plan) => {
    const blocked = cautionsFor(plan).find((c) => c.gravity === 'block');
    if (!blocked) return null;
    const recipe = RECIPES[0]!;
    return {
      severity: 'stop',
      params: { material: blocked.from },
      fix: {
        label: `Ask about ${recipe.factors[0]!.name} instead`,
        apply: (p) => ({
          ...p,
          question: recipe.question,
          kind: 'dose-series',
          factors: recipe.factors,
          keptSame: keptSameFor(recipe.factors, p.keptSame),
        }),
      },
    };
  },
  words: (p) => ({
    what: `“${p.material}” is too poisonous or corrosive for a class.`,
    why: 'No result is worth a hurt eye: something milder shows the same.',
  }),
};
