import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';

/** Strongest salt water for a class, mmol/L; most plants stop before. */
const TOP_SALT = 200;

export const tooStrong: FairRule = {
  code: 'too-strong',
  ofEveryKind: true,
  check: (plan) => {
    const salt = plan.factors.find(
      (f) => f.subject === 'salt' && f.unit === 'mmol/L' && f.levels.some((l) => (l.amount ?? 0) > TOP_SALT),
    );
    if (!salt) return null;
    return {
      severity: 'mend',
      params: { most: TOP_SALT },
      fix: {
        label: `Go up to ${TOP_SALT} mmol/L`,
        apply: (p) => ({
          ...p,
          factors: p.factors.map((f) =>
            f.subject === 'salt'
              ? {
                  ...f,
                  levels: f.levels.map((l) =>
                    (l.amount ?? 0) > TOP_SALT ? { label: say('fairTest.mmolL2', { topSalt: TOP_SALT }), amount: TOP_SALT } : l,
                  ),
                }
              : f,
          ),
        }),
      },
    };
  },
  words: (p) => ({
    what: `More than ${p.most} mmol/L of salt stops nearly every seed.`,
    why: 'A treatment in which nothing grows tells only that it was too much.',
  }),
};
