import { spoken } from '@bright-sprout/words/spoken';
import { type Kitchen } from '@bright-sprout/core/quantities/volume';

/** Spoons and cups of kitchens, as they are offered. */
export const KITCHENS: Record<Kitchen, { name: string; does: string }> = {
  metric: spoken({
    name: 'prepare.metric',
    does: 'prepare.millilitresLitresOnly',
  }),
  us: spoken({
    name: 'prepare.us',
    does: 'prepare.spoonsOfAmerica',
  }),
  australian: spoken({
    name: 'prepare.australian',
    does: 'prepare.spoonsOfFive',
  }),
};
