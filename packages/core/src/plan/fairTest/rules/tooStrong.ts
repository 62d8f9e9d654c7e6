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
        label: say('fairTest.goMmolL', { topSalt: TOP_SALT }),
        apply: (p) => ({
          ...p,
          factors: p.factors.map((f) =>
            f.subject === 'salt'
              ? {
                  ...f,
                  levels: f.levels.map((l) =>
                    (l.amount ?? 0) > TOP_SALT
                      ? { label: say('fairTest.topSaltStrength', { topSalt: TOP_SALT }), amount: TOP_SALT }
                      : l,
                  ),
                }
              : f,
          ),
        }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.moreMmolLSalt', { most: p.most }),
    why: say('fairTest.treatmentNothingGrowsTells'),
  }),
};
