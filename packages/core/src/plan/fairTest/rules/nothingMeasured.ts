import { say } from '@bright-sprout/words/say';
import { seedCountOf } from '../../../measures/registry';
import { type FairRule } from '../fairRule';
import { methodOf } from '../planFacts';

export const nothingMeasured: FairRule = {
  code: 'nothing-measured',
  check: (plan) => {
    if (plan.measures.length > 0 || plan.ownMeasures.length > 0) return null;
    const seeds = seedCountOf(plan.protocol.sprouted);
    const height = methodOf(plan).heightMeasurable;
    return {
      severity: 'stop',
      params: {},
      fix: {
        label: height ? say('fairTest.measureHeight') : say('fairTest.countSeedsSprout'),
        apply: (p) => ({ ...p, measures: [height ? 'height' : seeds] }),
      },
    };
  },
  words: () => ({
    what: say('fairTest.nothingMeasuredCounted'),
    why: say('fairTest.questionAnsweredSomebodyLooks'),
  }),
};
