import { type FairRule } from '../fairRule';

const BLANKS = 0.1;

export const manyBlanks: FairRule = {
  code: 'many-blanks',
  ofEveryKind: true,
  check: (plan, { blanks, containers, seedsAdvised }) => {
    if (plan.kind === 'viability' || blanks.expected <= BLANKS * containers) return null;
    return {
      severity: 'mend',
      params: { blanks: Math.round(blanks.expected), containers, low: blanks.range90[0], high: blanks.range90[1] },
      fix:
        seedsAdvised === null
          ? null
          : { label: `Sow ${seedsAdvised} in each`, apply: (p) => ({ ...p, seedsEach: Math.max(p.seedsEach, seedsAdvised) }) },
    };
  },
  words: (p) => ({
    what: `About ${p.blanks} of ${p.containers} containers will stay empty (${p.low} to ${p.high}).`,
    why: 'Empty containers leave holes in the comparison that nobody chose.',
  }),
};
