import { type FairRule } from '../fairRule';
import { placeFactor } from '../../layout/layOut';
import { NOT_TESTS } from '../planFacts';

export const placesStandApart: FairRule = {
  code: 'places-stand-apart',
  check: (plan) => {
    const apart = placeFactor(plan);
    if (!apart || NOT_TESTS.includes(plan.kind)) return null;
    return {
      severity: 'mind',
      params: { places: apart.levels.map((l) => l.label).join(' and ') },
      fix: null,
    };
  },
  words: (p) => ({
    what: `${p.places}: each has a tray of its own.`,
    why: 'A place is warmth, light and draught together. Measure the warmth at each, and give all the same light.',
  }),
};
