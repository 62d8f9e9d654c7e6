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
        label: 'Keep them the same',
        apply: (plan) => ({ ...plan, keptSame: plan.keptSame.map((k) => ({ ...k, kept: true })) }),
      },
    };
  },
  words: (p) => ({
    what: `Not kept the same: ${String(p.loose).toLowerCase()}.`,
    why: 'If two things differ, nobody can say which of them made the difference.',
  }),
};
