import { type FairRule } from '../fairRule';

export const sownApart: FairRule = {
  code: 'sown-apart',
  check: ({ kind, keptSame }) =>
    kind === 'age-ladder' || keptSame.find((k) => k.id === 'day')?.kept !== false
      ? null
      : {
          severity: 'mend',
          params: {},
          fix: {
            label: 'Sow on one day',
            apply: (plan) => ({ ...plan, keptSame: plan.keptSame.map((k) => (k.id === 'day' ? { ...k, kept: true } : k)) }),
          },
        },
  words: () => ({
    what: 'Treatments are sown on different days.',
    why: 'Plants that are a day older are taller; compare them at the same age.',
  }),
};
