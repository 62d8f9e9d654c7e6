import { say } from '@bright-sprout/words/say';
import { comparesNothing } from '../../document/planDocument';
import { type FairRule } from '../fairRule';
import { FEWEST_CONTAINERS } from '../planFacts';

export const tooFewContainers: FairRule = {
  code: 'too-few-containers',
  check: ({ containersEach, kind }) => {
    if (containersEach >= FEWEST_CONTAINERS || comparesNothing(kind)) return null;
    return {
      severity: containersEach === 1 ? 'stop' : 'mend',
      params: { containers: containersEach },
      fix: {
        label: say('fairTest.haveFewestOfEach', { fewestContainers: FEWEST_CONTAINERS }),
        apply: (plan) => ({ ...plan, containersEach: FEWEST_CONTAINERS }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.onlyContainerContainers', { containers: p.containers, sameContainers: p.containers === 1 }),
    why: say('fairTest.seedsContainerShareLuck'),
  }),
};
