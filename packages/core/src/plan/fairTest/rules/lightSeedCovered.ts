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
      fix: { label: 'Take garden pea instead', apply: (p) => ({ ...p, speciesId: 'garden_pea' }) },
    };
  },
  words: (p) => ({
    what: `${p.kind} needs light to sprout and would be buried.`,
    why: 'Covered, many of these seeds simply wait: depth and darkness cannot be told apart.',
  }),
};
