import { say } from '@bright-sprout/words/say';
import { plural } from '../../words/plural';

/** What a class would change when it asks again: kept with the new plan, as facts. */
export const LEARNED_CODES = [
  'more-containers',
  'as-many-as-fit',
  'looks-while-sprouting',
  'care-over-days-off',
  'more-seeds',
  'reserve',
  'fair',
  'new-lots',
  'rulers',
] as const;
export type LearnedCode = (typeof LEARNED_CODES)[number];

export interface Learned {
  code: LearnedCode;
  /** Before and from now on, where it is a number. */
  was: number | null;
  now: number | null;
  /** What it was about: a treatment, a rule of the fair test; empty where the code says all. */
  about: string;
}

/** What changes in the plan, and what in the records says so. */
export function learnedWords({ code, was, now, about }: Learned, container: string): { what: string; why: string } {
  const pots = plural(container);
  switch (code) {
    case 'more-containers':
      return {
        what: say('planning.ofEachInsteadOf', { now, pots, was }),
        why: say('planning.sawBetweenTreatmentsShow', { about, was }),
      };
    case 'as-many-as-fit':
      return {
        what: say('planning.insteadManyFit', { now, pots, was }),
        why: say('planning.sawNeedMoreClass', { about }),
      };
    case 'looks-while-sprouting':
      return {
        what: say('planning.lookEverySchoolDay'),
        why: say('planning.betweenTwoLooksDays', { now, about, pots }),
      };
    case 'care-over-days-off':
      return { what: say('planning.somebodyWickWatersOver'), why: say('planning.growthDippedWhileNobody') };
    case 'more-seeds':
      return {
        what: say('planning.seedsInstead', { now, container, was }),
        why: say('planning.stayedEmptyMoreExpected', { about }),
      };
    case 'reserve':
      return {
        what: say('planning.ofEachInReserve', { now, container: now === 1 ? container : pots }),
        why: say('planning.lostWay', { about }),
      };
    case 'fair':
      return { what: say('planning.planMadeFairWhere'), why: about };
    case 'new-lots':
      return { what: say('planning.newLotsDecideStands'), why: say('planning.placeShowedCameNothing') };
    case 'rulers':
      return {
        what: say('planning.plantReadTogetherBefore'),
        why: say('planning.teamsNumbersLayApart'),
      };
  }
}
