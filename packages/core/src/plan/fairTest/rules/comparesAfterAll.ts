import { type FairRule } from '../fairRule';
import { kindFor } from '../../document/kindFor';
import { comparesNothing } from '../../document/planDocument';

export const comparesAfterAll: FairRule = {
  code: 'compares-after-all',
  check: ({ kind, factors }, { treatments }) =>
    comparesNothing(kind) && treatments.length > 1
      ? {
          severity: 'stop',
          params: { looking: kind === 'looking', treatments: treatments.length },
          fix: {
            label: 'Call it a comparison',
            apply: (p) => ({ ...p, kind: factors.length > 1 ? 'two-factors' : kindFor(p.factors[0]!) }),
          },
        }
      : null,
  words: (p) => ({
    what: `${p.looking ? 'Looking without comparing' : 'A test of a seed lot'} has one treatment, and here are ${p.treatments}.`,
    why: 'As soon as two things are compared, everything that a fair test asks is asked of them.',
  }),
};
