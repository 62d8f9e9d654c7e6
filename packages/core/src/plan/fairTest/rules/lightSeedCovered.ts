import { type FairRule } from '../fairRule';
import { speciesOf } from '../planFacts';

export const lightSeedCovered: FairRule = {
  code: 'light-seed-covered',
  ofEveryKind: true,
  check: (plan) => {
    const { needsLight, name } = speciesOf(plan);
    const buried = plan.factors.some((f) => f.subject === 'depth' && f.levels.some((l) => (l.amount ?? 0) > 6));
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
