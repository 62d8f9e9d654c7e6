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
      fix: { label: `Have ${FEWEST_CONTAINERS} of each`, apply: (plan) => ({ ...plan, containersEach: FEWEST_CONTAINERS }) },
    };
  },
  words: (p) => ({
    what: `Only ${p.containers === 1 ? 'one container' : `${p.containers} containers`} of each.`,
    why: 'Seeds in one container share its luck: the container counts once, however many seeds are in it.',
  }),
};
