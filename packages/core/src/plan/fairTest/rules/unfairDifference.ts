import { say } from '@bright-sprout/words/say';
import { capital } from '../../../words/capital';
import { listInWords } from '../../../words/listInWords';
import { type PlanDocument } from '../../document/planDocument';
import { type Aspect, unfairDifferences } from '../../recipes/differences';
import { type FairRule, type Fix } from '../fairRule';

const WORDS: Record<Aspect, string> = {
  get kind() {
    return say('fairTest.kindSeed');
  },
  get lot() {
    return say('fairTest.ageSeed');
  },
  get seeds() {
    return say('fairTest.numberSeeds');
  },
  get plants() {
    return say('fairTest.numberPlantsStay');
  },
  get depth() {
    return say('fairTest.deepSeedsLie');
  },
  get soak() {
    return say('fairTest.timeWater');
  },
  get filling() {
    return say('fairTest.amountSoil');
  },
  get mix() {
    return say('fairTest.whatIsInThe');
  },
  get liquid() {
    return say('fairTest.whatIsInThe2');
  },
  get water() {
    return say('fairTest.amountWater');
  },
  get standing() {
    return say('fairTest.howTheyStand');
  },
  get warmth() {
    return say('fairTest.theWarmth');
  },
  get day() {
    return say('fairTest.daySowing');
  },
};

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
