import { type FairRule } from '../fairRule';
import { lower, methodOf } from '../planFacts';

/** What can only be changed in soil. */
const IN_SOIL = ['chalk', 'soil', 'depth'] as const;

export const noSoilToChange: FairRule = {
  code: 'no-soil-to-change',
  check: (plan) => {
    const m = methodOf(plan);
    const factor = plan.factors.find((f) => IN_SOIL.some((s) => s === f.subject));
    if (!factor || !m.paper) return null;
    return {
      severity: 'stop',
      params: { factor: factor.name, method: m.name },
      fix: {
        label: 'Grow them in cups of potting mix',
        apply: (p) => ({ ...p, methodId: 'cup_mix', fillMl: 215, protocol: { ...p.protocol, sprouted: 'shoot' } }),
      },
    };
  },
  words: (p) => ({
    what: `There is no soil in ${lower(String(p.method))}: ${p.factor} cannot be changed there.`,
    why: 'Labels would differ, and what is in the containers would not.',
  }),
};
