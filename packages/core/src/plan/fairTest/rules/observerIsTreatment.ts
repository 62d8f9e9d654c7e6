import { type FairRule } from '../fairRule';
import { inSets } from '../deals';

export const observerIsTreatment: FairRule = {
  code: 'observer-is-treatment',
  check: ({ assignment }) =>
    assignment !== 'team-one-treatment'
      ? null
      : {
          severity: 'mind',
          params: {},
          fix: { label: 'Give every team one of each', apply: inSets },
        },
  words: () => ({
    what: 'The same students measure all of a treatment.',
    why: 'Everybody reads a ruler a little differently; let teams swap for one check and compare.',
  }),
};
