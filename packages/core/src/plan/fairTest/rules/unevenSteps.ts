import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';

/** Neighbouring amounts of a series should stand in this ratio. */
const RATIO = { least: 1.5, most: 4 };

export const unevenSteps: FairRule = {
  code: 'uneven-steps',
  ofEveryKind: true,
  check: (plan) => {
    const series = plan.factors.find(
      (f) =>
        f.levels.filter((l) => (l.amount ?? 0) > 0).length >= 2 &&
        ['salt', 'acid', 'chalk', 'feed', 'water', 'depth'].includes(f.subject),
    );
    if (!series) return null;
    const amounts = series.levels
      .map((l) => l.amount ?? 0)
      .filter((a) => a > 0)
      .sort((a, b) => a - b);
    const ratios = amounts.slice(1).map((a, i) => a / amounts[i]!);
    if (ratios.every((r) => r >= RATIO.least - 1e-9 && r <= RATIO.most + 1e-9)) return null;
    const halved = amounts.map((_, i) => Number((amounts[amounts.length - 1]! / 2 ** (amounts.length - 1 - i)).toPrecision(2)));
    return {
      severity: 'mind',
      params: { factor: series.name, close: ratios.some((r) => r < RATIO.least) },
      fix: {
        label: say('fairTest.useHalf', { halved: halved.join(', '), unit: series.unit }),
        apply: (p) => ({
          ...p,
          factors: p.factors.map((f) => (f.name === series.name ? { ...f, levels: doubled(f.levels, halved, f.unit) } : f)),
        }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.stepsTooCloseToo', { factor: p.factor, close: Boolean(p.close) }),
    why: say('fairTest.amountsDoubleStepStep'),
  }),
};

/** The levels above nothing, from small to large, with new amounts. */
function doubled(levels: readonly { label: string; amount: number | null }[], amounts: readonly number[], unit: string) {
  const order = levels.filter((l) => (l.amount ?? 0) > 0).sort((a, b) => a.amount! - b.amount!);
  return levels.map((l) => {
    const at = order.indexOf(l);
    return at < 0 ? l : { label: `${amounts[at]} ${unit}`.trim(), amount: amounts[at]! };
  });
}
