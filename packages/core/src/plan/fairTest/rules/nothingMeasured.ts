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
        label: height ? 'Measure the height' : 'Count the seeds that sprout',
        apply: (p) => ({ ...p, measures: [height ? 'height' : seeds] }),
      },
    };
  },
  words: () => ({
    what: 'Nothing is measured or counted.',
    why: 'A question is answered by what somebody looks for at every check.',
  }),
};
