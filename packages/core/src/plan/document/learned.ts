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
        what: `${now} ${pots} of each instead of ${was}`,
        why: `What you saw between the treatments (${about}) would show in 8 of 10 classes with so many; with ${was} it did not.`,
      };
    case 'as-many-as-fit':
      return {
        what: `${now} ${pots} of each instead of ${was}, as many as fit`,
        why: `What you saw (${about}) would need more than one class can look after. Ask another class to join in, or ask about a bigger difference.`,
      };
    case 'looks-while-sprouting':
      return {
        what: 'A look on every school day while seeds come up',
        why: `Between two looks ${now} days went by, and so much is unknown of when ${about} of your ${pots} came up.`,
      };
    case 'care-over-days-off':
      return { what: 'Somebody or a wick waters over days off', why: 'Growth dipped while nobody was there.' };
    case 'more-seeds':
      return {
        what: `${now} seeds to a ${container} instead of ${was}`,
        why: `${about} stayed empty: more than was to be expected of such seed.`,
      };
    case 'reserve':
      return {
        what: `${now} ${now === 1 ? container : pots} of each in reserve`,
        why: `Lost on the way: ${about}.`,
      };
    case 'fair':
      return { what: 'The plan is made fair where it was not', why: about };
    case 'new-lots':
      return { what: 'New lots decide who stands where', why: 'Place showed in what came: nothing may stand where it stood.' };
    case 'rulers':
      return {
        what: 'One plant is read together before the first check',
        why: 'One team’s numbers lay apart from the others’, treatments taken into account.',
      };
  }
}
