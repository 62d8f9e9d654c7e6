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
        label: 'Make the first one the control',
        apply: (plan) => ({
          ...plan,
          factors: plan.factors.map((f) => (f === without || f.name === without.name ? { ...f, control: 0 } : f)),
        }),
      },
    };
  },
  words: (p) => ({
    what: `${p.factor || 'What you change'} has no control.`,
    why: 'Without pots where nothing is changed, nobody knows what would have happened anyway.',
  }),
};
