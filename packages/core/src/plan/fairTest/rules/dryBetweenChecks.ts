import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { formatDay } from '../../../calendar/days';
import { gaps } from '../../../calendar/schoolCalendar';
import { daysAlone, daysHeld, dryDays } from '../../document/waterings';
import { methodOf } from '../planFacts';

export const dryBetweenChecks: FairRule = {
  code: 'dry-between-checks',
  ofEveryKind: true,
  check: (plan, { checkDays }) => {
    if (!checkDays.ok) return null;
    // Days off that are too long by themselves have their own rule.
    const off = gaps(plan.calendar, plan.sowOn, plan.endOn).filter((g) => g.days > daysAlone(plan));
    const dry = dryDays(plan, checkDays.days).filter((d) => !off.some((g) => d.from <= g.to && d.to >= g.from));
    const [worst] = [...dry].sort((a, b) => b.alone - a.alone);
    if (!worst) return null;
    const { container } = methodOf(plan);
    const lasts = daysHeld(plan);
    return {
      severity: worst.alone > 2 * lasts ? 'stop' : 'mend',
      params: { from: worst.from, alone: worst.alone, lasts, container },
      fix: {
        label: say('fairTest.lookWaterEverySchool'),
        apply: (p) => ({ ...p, cadence: { kind: 'school-days' }, checksSkipped: [] }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.nobodyWatersDaysRow', {
      alone: p.alone,
      container: p.container,
      lasts: p.lasts,
      from: formatDay(String(p.from), 'short'),
    }),
    why: say('fairTest.plantDriedTellsAbout'),
  }),
};
