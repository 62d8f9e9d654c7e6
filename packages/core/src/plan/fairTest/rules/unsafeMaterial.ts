import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { cautionsFor } from '../../cautions/cautions';
import { READY_PLANS } from '../../document/startingPlans';
import { keptSameFor } from '../../document/startingPoints';

export const unsafeMaterial: FairRule = {
  code: 'unsafe-material',
  ofEveryKind: true,
  check: (plan) => {
    const blocked = cautionsFor(plan).find((c) => c.gravity === 'block');
    if (!blocked) return null;
    const ready = READY_PLANS[0]!;
    return {
      severity: 'stop',
      params: { material: blocked.from },
      fix: {
        label: say('fairTest.askAboutInstead', { name: ready.factors[0]!.name }),
        apply: (p) => ({
          ...p,
          question: ready.question,
          kind: 'dose-series',
          factors: ready.factors,
          keptSame: keptSameFor(ready.factors, p.keptSame),
        }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.tooPoisonousCorrosiveClass', { material: p.material }),
    why: say('fairTest.resultWorthHurtEye'),
  }),
};
