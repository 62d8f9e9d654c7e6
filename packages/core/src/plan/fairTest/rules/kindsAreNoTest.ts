import { type FairRule } from '../fairRule';

export const kindsAreNoTest: FairRule = {
  code: 'kinds-are-no-test',
  check: ({ kind, factors }) =>
    kind !== 'side-by-side' && !factors.some((f) => f.subject === 'kind')
      ? null
      : {
          severity: 'mind',
          params: {},
          fix: null,
        },
  words: () => ({
    what: 'Kinds of seed differ in everything at once.',
    why: 'This is a comparison side by side; it cannot say why one kind is ahead.',
  }),
};
