import { say } from '@bright-sprout/words/say';
import { type Kitchen } from '@bright-sprout/core/quantities/volume';

/** Spoons and cups of kitchens, as they are offered. */
export const KITCHENS: Record<Kitchen, { name: string; does: string }> = {
  metric: {
    get name() {
      return say('prepare.metric');
    },
    get does() {
      return say('prepare.millilitresLitresOnly');
    },
  },
  us: {
    get name() {
      return say('prepare.us');
    },
    get does() {
      return say('prepare.besideThemSpoonsMl');
    },
  },
  australian: {
    get name() {
      return say('prepare.australian');
    },
    get does() {
      return say('prepare.besideThemSpoonsMl2');
    },
  },
};
