import { type FairRule } from '../fairRule';
import { lower, methodOf, speciesOf } from '../planFacts';

export const kindAndMethod: FairRule = {
  code: 'kind-and-method',
  ofEveryKind: true,
  check: (plan) => {
    const m = methodOf(plan);
    if (!m.avoidFor.includes(plan.speciesId)) return null;
    return {
      severity: 'mend',
      params: { kind: speciesOf(plan).name, method: m.name },
      fix: { label: 'Grow it in a cup', apply: (p) => ({ ...p, methodId: 'cup_mix', fillMl: 215 }) },
    };
  },
  words: (p) => ({
    what: `${p.kind} does badly in ${lower(String(p.method))}.`,
    why: 'A poor start hides what is being tested.',
  }),
};
