import { say } from '@bright-sprout/words/say';
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
    const { grownIn } = methodOf(plan);
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
        method: grownIn,
        reservoir: plan.whileAway === 'reservoir',
        lasts,
      },
      fix: { label: say('fairTest.somebodyComesWater'), apply: (p) => ({ ...p, whileAway: 'somebody' }) },
    };
  },
  words: (p) => ({
    what: say('fairTest.leavesPlantsAloneDays', {
      break: p.gap === null ? say('fairTest.theWeekend') : p.gap || say('fairTest.theBreak'),
      from: formatDay(String(p.from), 'short'),
      days: Number(p.days),
      method: lower(String(p.method)),
      reservoir: Boolean(p.reservoir),
      lasts: p.lasts,
    }),
    why: say('fairTest.plantsDieWeekendsHolidays'),
  }),
};
