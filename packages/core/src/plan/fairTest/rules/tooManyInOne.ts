import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { methodOf, speciesOf } from '../planFacts';

/** What is thinned in time may be sown so many times as thick. */
const OVERSOWN = 2;

export const tooManyInOne: FairRule = {
  code: 'too-many-in-one',
  ofEveryKind: true,
  check: (plan) => {
    const { maxSeeds } = methodOf(plan);
    const mg = speciesOf(plan).thousandSeedGrams ?? 5000;
    const most = mg > 150 ? maxSeeds.large : mg >= 5 ? maxSeeds.medium : maxSeeds.small;
    const thinnedInTime = plan.keep <= most && plan.seedsEach <= OVERSOWN * most;
    if (plan.seedsEach <= most || thinnedInTime || plan.kind === 'crowding' || plan.kind === 'patch') return null;
    return {
      severity: 'mind',
      params: { seeds: plan.seedsEach, container: methodOf(plan).container, most },
      fix: {
        label: say('fairTest.sowInEach', { seeds: most }),
        apply: (p) => ({ ...p, seedsEach: most, keep: Math.min(p.keep, most) }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.seedsManyFitWell', { seeds: p.seeds, container: p.container, most: p.most }),
    why: say('fairTest.crowdedSeedsShareMould'),
  }),
};
