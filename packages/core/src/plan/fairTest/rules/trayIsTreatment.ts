import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { placeFactor } from '../../layout/layOut';
import { countsBy, dealAgain } from '../deals';
import { NOT_TESTS } from '../planFacts';

export const trayIsTreatment: FairRule = {
  code: 'tray-is-treatment',
  check: (plan, { layout, treatments }) => {
    const { kind } = plan;
    if (placeFactor(plan)) return null;
    if (layout.trays.length < 2 || treatments.length < 2 || NOT_TESTS.includes(kind)) return null;
    const byTray = [...countsBy(layout.containers, (c) => c.tray).values()];
    if (!treatments.some((t) => byTray.filter((own) => own.has(t.code)).length === 1)) return null;
    return {
      severity: 'mend',
      params: {},
      fix: { label: say('fairTest.dealPlacesAgain'), apply: dealAgain },
    };
  },
  words: () => ({
    what: say('fairTest.treatmentStandsTrayOnly'),
    why: say('fairTest.warmerWetterTrayLook'),
  }),
};
