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
        label: 'Look and water on every school day',
        apply: (p) => ({ ...p, cadence: { kind: 'school-days' }, checksSkipped: [] }),
      },
    };
  },
  words: (p) => ({
    what: `Nobody waters for ${p.alone} days in a row, and a ${p.container} lasts ${p.lasts}: dry from ${formatDay(String(p.from), 'short')}.`,
    why: 'A plant that dried out tells about water, whatever else was changed.',
  }),
};
