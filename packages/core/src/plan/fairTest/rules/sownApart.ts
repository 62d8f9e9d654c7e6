import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';

export const sownApart: FairRule = {
  code: 'sown-apart',
  check: ({ kind, keptSame }) =>
    kind === 'age-ladder' || keptSame.find((k) => k.id === 'day')?.kept !== false
      ? null
      : {
          severity: 'mend',
          params: {},
          fix: {
            label: say('fairTest.sowDay'),
            apply: (plan) => ({ ...plan, keptSame: plan.keptSame.map((k) => (k.id === 'day' ? { ...k, kept: true } : k)) }),
          },
        },
  words: () => ({
    what: say('fairTest.treatmentsSownDifferentDays'),
    why: say('fairTest.plantsDayOlderTaller'),
  }),
};
