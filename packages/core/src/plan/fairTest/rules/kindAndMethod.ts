import { say } from '@bright-sprout/words/say';
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
      params: { kind: speciesOf(plan).name, method: m.grownIn },
      fix: { label: say('fairTest.growCup'), apply: (p) => ({ ...p, methodId: 'cup_mix', fillMl: 215 }) },
    };
  },
  words: (p) => ({
    what: say('fairTest.doesBadlyIn', { kind: p.kind, method: lower(String(p.method)) }),
    why: say('fairTest.poorStartHidesBeing'),
  }),
};
