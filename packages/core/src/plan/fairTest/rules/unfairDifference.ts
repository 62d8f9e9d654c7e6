import { capital } from '../../../words/capital';
import { listInWords } from '../../../words/listInWords';
import { type PlanDocument } from '../../document/planDocument';
import { type Aspect, unfairDifferences } from '../../recipes/differences';
import { type FairRule, type Fix } from '../fairRule';

const WORDS: Record<Aspect, string> = {
  kind: 'the kind of seed',
  lot: 'the age of the seed',
  seeds: 'the number of seeds',
  plants: 'the number of plants that stay',
  depth: 'how deep the seeds lie',
  soak: 'the time in water',
  filling: 'the amount of soil',
  mix: 'what is in the soil',
  liquid: 'what is in the water',
  water: 'the amount of water',
  standing: 'how they stand',
  warmth: 'the warmth',
  day: 'the day of sowing',
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
    what: `${capital(String(p.differs))} ${p.several ? 'differ' : 'differs'} between treatments, and nobody asks about it.`,
    why: 'If two things differ, nobody can say which of them made the difference.',
  }),
};

const SAME_SEEDS: Fix = {
  label: 'Sow as many seeds in each',
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
