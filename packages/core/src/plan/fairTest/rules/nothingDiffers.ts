import { say } from '@bright-sprout/words/say';
import { listInWords } from '../../../words/listInWords';
import { emptyFactors, sameRecipes } from '../../recipes/differences';
import { type FairRule } from '../fairRule';
import { nothingOfSoil } from './noSoilToChange';

export const nothingDiffers: FairRule = {
  code: 'nothing-differs',
  check: (plan, { recipes }) => {
    const twins = sameRecipes(recipes);
    if (!twins || nothingOfSoil(plan, recipes)) return null;
    const empty = emptyFactors(recipes).map((f) => plan.factors[f]!);
    const [one] = empty;
    const amount = one?.levels.every((l) => l.amount !== null && l.amount === one.levels[0]!.amount)
      ? one.levels[0]!.amount
      : null;
    return {
      severity: empty.length > 0 ? 'stop' : 'mend',
      params: {
        factor: one?.name ?? null,
        amount,
        unit: one?.unit ?? '',
        twins: listInWords(twins.map((r) => r.treatment.code)),
      },
      fix: null,
    };
  },
  words: (p) => ({
    what:
      p.factor === null
        ? say('fairTest.getExactlySameDiffer', { twins: p.twins })
        : p.amount === null || p.amount === undefined
          ? say('fairTest.nothingDiffersDoneSame', { factor: p.factor, twins: p.twins })
          : say('fairTest.everyPotGetsNothing', { dose: `${p.amount} ${p.unit}`.trim(), factor: p.factor }),
    why: say('fairTest.otherNamesSameAmount'),
  }),
};
