import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';

const BLANKS = 0.1;

export const manyBlanks: FairRule = {
  code: 'many-blanks',
  ofEveryKind: true,
  check: (plan, { blanks, containers, seedsAdvised }) => {
    if (plan.kind === 'viability' || blanks.expected <= BLANKS * containers) return null;
    return {
      severity: 'mend',
      params: { blanks: Math.round(blanks.expected), containers, low: blanks.range90[0], high: blanks.range90[1] },
      fix:
        seedsAdvised === null
          ? null
          : {
              label: say('fairTest.sowInEach', { seeds: seedsAdvised }),
              apply: (p) => ({ ...p, seedsEach: Math.max(p.seedsEach, seedsAdvised) }),
            },
    };
  },
  words: (p) => ({
    what: say('fairTest.aboutContainersStayEmpty', { blanks: p.blanks, containers: p.containers, low: p.low, high: p.high }),
    why: say('fairTest.emptyContainersLeaveHoles'),
  }),
};
