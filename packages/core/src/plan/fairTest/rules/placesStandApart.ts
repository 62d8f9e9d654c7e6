import { listInWords } from '../../../words/listInWords';
import { say } from '@bright-sprout/words/say';
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
      params: { places: listInWords(apart.levels.map((l) => l.label)) },
      fix: null,
    };
  },
  words: (p) => ({
    what: say('fairTest.trayOwn', { places: p.places }),
    why: say('fairTest.placeWarmthLightDraught'),
  }),
};
