import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { countsSeeds } from '../../../measures/registry';
import { SEEDS_TO_COMPARE } from '../../../seeds/sowingNumbers';
import { changes } from '../planFacts';

export const fewSeedsToCount: FairRule = {
  code: 'few-seeds-to-count',
  ofEveryKind: true,
  check: (plan) => {
    const seeds = plan.containersEach * plan.seedsEach;
    if (!countsSeeds(plan.measures) || seeds >= SEEDS_TO_COMPARE || changes(plan, 'crowding') || plan.kind === 'looking')
      return null;
    return {
      severity: 'mend',
      params: { seeds },
      fix: {
        label: say('fairTest.sowInEach', { seeds: Math.ceil(SEEDS_TO_COMPARE / plan.containersEach) }),
        apply: (p) => ({ ...p, seedsEach: Math.ceil(SEEDS_TO_COMPARE / p.containersEach) }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.seedsFewCompareShares', { seeds: p.seeds }),
    why: say('fairTest.seedsMeanAnythingHalf'),
  }),
};
