import { type FairRule } from '../fairRule';

export const nothingDiffers: FairRule = {
  code: 'nothing-differs',
  check: ({ factors }) => {
    const alike = factors.find(
      ({ levels }) => levels.length > 1 && levels.every((l) => l.amount !== null && l.amount === levels[0]!.amount),
    );
    if (!alike) return null;
    return { severity: 'stop', params: { factor: alike.name, amount: alike.levels[0]!.amount, unit: alike.unit }, fix: null };
  },
  words: (p) => ({
    what: `Every pot gets ${`${p.amount} ${p.unit}`.trim()}: by ${p.factor} nothing differs.`,
    why: 'Other names for the same amount are no treatments; give each its own amount.',
  }),
};
