import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { daysBetween, formatDay } from '../../../calendar/days';

/** School years have a break at least every so many days. */
const LONGEST_RUN = 63;

export const noBreakTyped: FairRule = {
  code: 'no-break-typed',
  check: ({ calendar, sowOn, endOn }) => {
    const off = calendar.holidays.filter((h) => h.to >= sowOn && h.from <= endOn);
    const edges = [sowOn, ...off.flatMap((h) => [h.from, h.to]), endOn].sort();
    const runs = edges.slice(1).map((to, i) => ({ from: edges[i]!, to, days: daysBetween(edges[i]!, to) }));
    const [longest] = [...runs].sort((a, b) => b.days - a.days);
    if (!longest || longest.days <= LONGEST_RUN) return null;
    return {
      severity: 'mind',
      params: { from: longest.from, to: longest.to, weeks: Math.floor(longest.days / 7) },
      fix: null,
    };
  },
  words: (p) => ({
    what: say('fairTest.dayOffTypedWeeks', {
      weeks: p.weeks,
      from: formatDay(String(p.from), 'short'),
      to: formatDay(String(p.to), 'short'),
    }),
    why: say('fairTest.reallyBreakPaintTape'),
  }),
};
