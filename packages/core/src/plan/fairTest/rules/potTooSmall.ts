import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { daysBetween } from '../../../calendar/days';
import { lower, methodOf, speciesOf } from '../planFacts';

/** Weeks after which a pot has to hold what a growing plant needs. */
const SMALL_POT_DAYS = 21;

export const potTooSmall: FairRule = {
  code: 'pot-too-small',
  ofEveryKind: true,
  check: (plan) => {
    const m = methodOf(plan);
    const needed = speciesOf(plan).potMlPerPlant * plan.keep;
    const days = daysBetween(plan.sowOn, plan.endOn);
    if (m.paper || days <= SMALL_POT_DAYS || plan.kind === 'crowding' || plan.kind === 'patch' || plan.fillMl >= 0.5 * needed)
      return null;
    return {
      severity: 'mind',
      params: { fillMl: plan.fillMl, keep: plan.keep, kind: speciesOf(plan).name, days, needed },
      fix:
        m.containerMl[1] >= needed
          ? { label: say('fairTest.fillMl', { needed }), apply: (p) => ({ ...p, fillMl: needed }) }
          : null,
    };
  },
  words: (p) => ({
    what: say('fairTest.mlTightPlantPlants', {
      fillMl: p.fillMl,
      keep: p.keep,
      sameKeep: p.keep === 1,
      kind: lower(String(p.kind)),
      days: p.days,
      needed: p.needed,
    }),
    why: say('fairTest.rootsWithoutRoomStop'),
  }),
};
