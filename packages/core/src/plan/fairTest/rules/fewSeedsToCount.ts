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
        label: `Sow ${Math.ceil(SEEDS_TO_COMPARE / plan.containersEach)} in each`,
        apply: (p) => ({ ...p, seedsEach: Math.ceil(SEEDS_TO_COMPARE / p.containersEach) }),
      },
    };
  },
  words: (p) => ({
    what: `${p.seeds} seeds for each are few to compare shares with.`,
    why: 'With 10 seeds, 8 up can mean anything from half to nearly all.',
  }),
};
