import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { capital } from '../../../words/capital';
import { listInWords } from '../../../words/listInWords';
import { type PlanDocument } from '../../document/planDocument';
import { type Aspect, unfairDifferences } from '../../recipes/differences';
import { type FairRule, type Fix } from '../fairRule';

const WORDS: Record<Aspect, string> = spoken({
  kind: 'fairTest.kindSeed',
  lot: 'fairTest.ageSeed',
  seeds: 'fairTest.numberSeeds',
  plants: 'fairTest.numberPlantsStay',
  depth: 'fairTest.deepSeedsLie',
  soak: 'fairTest.timeWater',
  filling: 'fairTest.amountSoil',
  mix: 'fairTest.whatIsInThe',
  liquid: 'fairTest.whatIsInTheWater',
  water: 'fairTest.amountWater',
  standing: 'fairTest.howTheyStand',
  warmth: 'fairTest.theWarmth',
  day: 'fairTest.daySowing',
});

export const unfairDifference: FairRule = {
  code: 'unfair-difference',
  check: (_plan, { recipes }) => {
    const differs = unfairDifferences(recipes);
    if (differs.length === 0) return null;
    return {
      severity: 'mend',
      params: { differs: listInWords(differs.map((a) => WORDS[a])), several: differs.length > 1 },
      fix: differs.includes('seeds') ? SAME_SEEDS : null,
    };
  },
  words: (p) => ({
    what: say('fairTest.otherBetweenTreatmentsNobody', { differs: capital(String(p.differs)), several: Boolean(p.several) }),
    why: say('fairTest.twoThingsDifferNobody'),
  }),
};

const SAME_SEEDS: Fix = {
  get label() {
    return say('fairTest.sowManySeeds');
  },
  apply: (plan: PlanDocument) => ({
    ...plan,
    factors: plan.factors.map((f) => ({
      ...f,
      levels: f.levels.map((level) => {
        const alike = { ...level };
        delete alike.seeds;
        return alike;
      }),
    })),
  }),
};
