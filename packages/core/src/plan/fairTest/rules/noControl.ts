import { say } from '@bright-sprout/words/say';
import { comparesNothing } from '../../document/planDocument';
import { type FairRule } from '../fairRule';

export const noControl: FairRule = {
  code: 'no-control',
  check: ({ kind, factors }) => {
    const without = factors.find((f) => f.control === null && f.noControlReason.trim() === '');
    if (!without || comparesNothing(kind)) return null;
    return {
      severity: 'stop',
      params: { factor: without.name },
      fix: {
        label: say('fairTest.makeFirstControl'),
        apply: (plan) => ({
          ...plan,
          factors: plan.factors.map((f) => (f === without || f.name === without.name ? { ...f, control: 0 } : f)),
        }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.hasNoControl', { factor: p.factor || say('fairTest.whatYouChange') }),
    why: say('fairTest.withoutPotsWhereNothing'),
  }),
};
