import { say } from '@bright-sprout/words/say';
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
    what: say('fairTest.kindsSeedDifferEverything'),
    why: say('fairTest.comparisonSideSideCannot'),
  }),
};
