import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { saltConductivity } from '../../../mixing/solutions';
import { lower, speciesOf } from '../planFacts';

/** A strength above so many times what a kind bears without loss stops most of it. */
const BEARS_TIMES = 3;

export const beyondBearing: FairRule = {
  code: 'beyond-bearing',
  ofEveryKind: true,
  check: (plan) => {
    const { salt, name } = speciesOf(plan);
    const factor = plan.factors.find((f) => f.subject === 'salt' && f.unit === 'mmol/L');
    const weakest = Math.min(...(factor?.levels ?? []).flatMap((l) => (l.amount && l.amount > 0 ? [l.amount] : [])));
    const ec = Number.isFinite(weakest) ? saltConductivity(weakest) : null;
    if (!factor || !ec?.ok || salt.threshold === null || ec.mSPerCm <= BEARS_TIMES * salt.threshold) return null;
    const share = salt.threshold / ec.mSPerCm;
    const milder = (amount: number) => Number((amount * share).toPrecision(2));
    return {
      severity: 'mend',
      params: { conductivity: Number(ec.mSPerCm.toFixed(1)), kind: name, bears: salt.threshold },
      fix: {
        label: say('fairTest.beginMmolL', { milder: milder(weakest) }),
        apply: (p) => ({
          ...p,
          factors: p.factors.map((f) =>
            f.subject === 'salt'
              ? {
                  ...f,
                  levels: f.levels.map((l) =>
                    l.amount && l.amount > 0
                      ? { ...l, label: say('fairTest.mmolL', { milder: milder(l.amount) }), amount: milder(l.amount) }
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
    what: say('fairTest.evenWeakestSaltWater', {
      conductivity: decimal(Number(p.conductivity), 1),
      kind: lower(String(p.kind)),
      bears: p.bears,
    }),
    why: say('fairTest.whereNothingGrowsStrength'),
  }),
};
