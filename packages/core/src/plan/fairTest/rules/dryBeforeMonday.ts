import { type FairRule } from '../fairRule';
import { formatDay } from '../../../calendar/days';
import { gaps } from '../../../calendar/schoolCalendar';
import { daysAlone, isWatered } from '../../document/waterings';
import { lower, methodOf } from '../planFacts';

export const dryBeforeMonday: FairRule = {
  code: 'dry-before-monday',
  ofEveryKind: true,
  check: (plan) => {
    // What is shut holds what it has, and nobody waters it.
    if (!isWatered(plan)) return null;
    const { name } = methodOf(plan);
    const lasts = daysAlone(plan);
    const long = gaps(plan.calendar, plan.sowOn, plan.endOn).filter((g) => g.days > lasts);
    const [worst] = [...long].sort((a, b) => b.days - a.days);
    if (!worst) return null;
    return {
      severity: worst.days > 2 * lasts ? 'stop' : 'mend',
      params: {
        gap: worst.holiday,
        from: worst.from,
        days: worst.days,
        method: name,
        reservoir: plan.whileAway === 'reservoir',
        lasts,
      },
      fix: { label: 'Somebody comes in to water', apply: (p) => ({ ...p, whileAway: 'somebody' }) },
    };
  },
  words: (p) => ({
    what: `${p.gap === null ? 'The weekend' : p.gap || 'The break'} from ${formatDay(String(p.from), 'short')} leaves the plants alone for ${p.days} days; ${lower(String(p.method))}${p.reservoir ? ' with a reservoir' : ''} lasts ${p.lasts}.`,
    why: 'Plants die on weekends and holidays: somebody has to come, or they need a reservoir, or a later start.',
  }),
};
