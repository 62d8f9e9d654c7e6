import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { depthMm } from '../../recipes/wayIn';
import { speciesOf } from '../planFacts';

/** So much mix over a seed keeps the light from it, mm. */
const DARK_MM = 6;

export const lightSeedCovered: FairRule = {
  code: 'light-seed-covered',
  ofEveryKind: true,
  check: (plan, { recipes }) => {
    const { id, needsLight, name } = speciesOf(plan);
    const buried = recipes.some((r) => r.species.id === id && depthMm(r.wayIn) > DARK_MM);
    if (!needsLight || !buried) return null;
    return {
      severity: 'mend',
      params: { kind: name },
      fix: { label: say('fairTest.takeGardenPeaInstead'), apply: (p) => ({ ...p, speciesId: 'garden_pea' }) },
    };
  },
  words: (p) => ({
    what: say('fairTest.needsLightSproutBuried', { kind: p.kind }),
    why: say('fairTest.coveredManySeedsSimply'),
  }),
};
