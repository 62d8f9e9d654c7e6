import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';

export const moreThanOneThing: FairRule = {
  code: 'more-than-one-thing',
  check: ({ keptSame }) => {
    const loose = keptSame.filter((k) => !k.kept);
    if (loose.length === 0) return null;
    return {
      severity: 'mend',
      params: { loose: loose.map((k) => k.text).join('; ') },
      fix: {
        label: say('fairTest.keepThemSame'),
        apply: (plan) => ({ ...plan, keptSame: plan.keptSame.map((k) => ({ ...k, kept: true })) }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.keptSame', { loose: String(p.loose).toLowerCase() }),
    why: say('fairTest.twoThingsDifferNobody'),
  }),
};
