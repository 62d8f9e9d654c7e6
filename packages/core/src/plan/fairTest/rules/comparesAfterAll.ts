import { say } from '@bright-sprout/words/say';
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
            label: say('fairTest.callComparison'),
            apply: (p) => ({ ...p, kind: factors.length > 1 ? 'two-factors' : kindFor(p.factors[0]!) }),
          },
        }
      : null,
  words: (p) => ({
    what: say('fairTest.lookingWithoutComparingTest', { looking: Boolean(p.looking), treatments: p.treatments }),
    why: say('fairTest.soonTwoThingsCompared'),
  }),
};
