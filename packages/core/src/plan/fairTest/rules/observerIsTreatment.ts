import { say } from '@bright-sprout/words/say';
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
          fix: { label: say('fairTest.giveEveryTeam'), apply: inSets },
        },
  words: () => ({
    what: say('fairTest.sameStudentsMeasureTreatment'),
    why: say('fairTest.everybodyReadsRulerLittle'),
  }),
};
