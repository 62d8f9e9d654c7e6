import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { standing } from '../../layout/layOut';

export const standsElsewhere: FairRule = {
  code: 'stands-elsewhere',
  check: (plan, { layout }) => {
    const belongs = standing(plan);
    const strayed = layout.containers.filter((c) => layout.trays[c.tray]!.at !== belongs.get(c.treatment));
    if (strayed.length === 0) return null;
    const [first] = strayed;
    return {
      severity: 'mend',
      params: {
        codes: strayed.map((c) => c.code).join(', '),
        several: strayed.length > 1,
        at: layout.trays[first!.tray]!.at ?? '',
      },
      fix: { label: say('fairTest.putThemBackDrawn'), apply: (p) => ({ ...p, moved: {} }) },
    };
  },
  words: (p) => ({
    what: say('fairTest.otherMeantAnotherPlace', { codes: p.codes, several: Boolean(p.several), at: p.at }),
    why: say('fairTest.standsWrongPlaceGets'),
  }),
};
