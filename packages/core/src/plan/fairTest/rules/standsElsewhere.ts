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
      fix: { label: 'Put them back as drawn', apply: (p) => ({ ...p, moved: {} }) },
    };
  },
  words: (p) => ({
    what: `${p.codes} ${p.several ? 'are' : 'is'} meant for another place than ${p.at}.`,
    why: 'What stands in the wrong place gets the other treatment under its own label.',
  }),
};
