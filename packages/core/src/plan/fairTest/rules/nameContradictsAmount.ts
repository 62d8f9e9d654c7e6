import { say } from '@bright-sprout/words/say';
import { type Factor, type Level } from '../../document/planDocument';
import { type FairRule } from '../fairRule';

const ROUNDING = 1e-9;

/** The amount that a name states in the factor's unit, such as 100 in `100 mmol/L`; null where it states none. */
function statedAmount(label: string, unit: string): number | null {
  if (unit === '') return null;
  const stated = new RegExp(`^\\s*(\\d+(?:[.,]\\d+)?)\\s*${unit.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}\\s*$`, 'i').exec(label);
  return stated ? Number(stated[1]!.replace(',', '.')) : null;
}

const contradicts =
  ({ unit }: Factor) =>
  (level: Level) => {
    const stated = statedAmount(level.label, unit);
    return stated !== null && level.amount !== null && Math.abs(stated - level.amount) > ROUNDING;
  };

export const nameContradictsAmount: FairRule = {
  code: 'name-contradicts-amount',
  check: ({ factors }) => {
    const factor = factors.find((f) => f.levels.some(contradicts(f)));
    if (!factor) return null;
    const level = factor.levels.find(contradicts(factor))!;
    return {
      severity: 'stop',
      params: { name: level.label.trim(), amount: level.amount, unit: factor.unit },
      fix: {
        label: say('fairTest.nameThemAmounts'),
        apply: (plan) => ({
          ...plan,
          factors: plan.factors.map((f) => ({
            ...f,
            levels: f.levels.map((l) => (contradicts(f)(l) ? { ...l, label: `${l.amount} ${f.unit}` } : l)),
          })),
        }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.isMixedWith', { name: p.name, amount: p.amount, unit: p.unit }),
    why: say('fairTest.labelSaysPotSame'),
  }),
};
