import { say } from '@bright-sprout/words/say';
import { type FactorSubject } from '../../document/planDocument';
import { type FairRule } from '../fairRule';

/** Things of which having none is the pot as it would be anyway. */
const ADDED: readonly FactorSubject[] = ['salt', 'acid', 'chalk', 'feed'];

export const controlIsTreated: FairRule = {
  code: 'control-is-treated',
  check: ({ factors }) => {
    const odd = factors.find(
      (f) =>
        ADDED.includes(f.subject) &&
        f.control !== null &&
        (f.levels[f.control]?.amount ?? 0) > 0 &&
        f.levels.some((l) => l.amount === 0),
    );
    if (!odd) return null;
    const none = odd.levels.findIndex((l) => l.amount === 0);
    return {
      severity: 'mend',
      params: { factor: odd.name, control: odd.levels[odd.control!]!.label, none: odd.levels[none]!.label },
      fix: {
        label: say('fairTest.makeControl', { label: odd.levels[none]!.label }),
        apply: (plan) => ({
          ...plan,
          factors: plan.factors.map((f) => (f.name === odd.name ? { ...f, control: none } : f)),
        }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.controlThoughNone', { factor: p.factor, control: p.control, none: p.none }),
    why: say('fairTest.controlPotNothingDone'),
  }),
};
