import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { type Factor, type FactorSubject, type Level } from './planDocument';

/** What can be changed: as a choice is called, and what a class asks by it. */
export const SUBJECT_WORDS: Record<FactorSubject, { name: string; about: string }> = {
  salt: spoken({
    name: 'planning.saltWater',
    about: 'planning.muchTooMuchSolutions',
  }),
  acid: spoken({
    name: 'planning.acidWater',
    about: 'planning.sourRainSourSoil',
  }),
  chalk: spoken({
    name: 'planning.chalkSoil',
    about: 'planning.stirredMixStandsThree',
  }),
  feed: spoken({
    name: 'planning.plantFood',
    about: 'planning.tooLittleEnoughToo',
  }),
  water: spoken({
    name: 'planning.amountWater',
    about: 'planning.sameDaysOtherAmounts',
  }),
  light: spoken({
    name: 'planning.light',
    about: 'planning.brightDimDarkHours',
  }),
  temperature: spoken({
    name: 'planning.warmth',
    about: 'planning.needsPlaceStaysWarm',
  }),
  place: spoken({
    name: 'planning.place',
    about: 'planning.sillsRoomsHomesMuch',
  }),
  depth: spoken({
    name: 'planning.depthSowing',
    about: 'planning.reachesLightWhen',
  }),
  soaking: spoken({
    name: 'planning.soaking',
    about: 'planning.hoursWaterBeforeSowing',
  }),
  'seed-age': spoken({
    name: 'planning.ageSeed',
    about: 'planning.drawerSeed',
  }),
  crowding: spoken({
    name: 'planning.plantsContainer',
    about: 'planning.sownAlikeThinnedDifferent',
  }),
  kind: spoken({
    name: 'planning.kindSeed',
    about: 'planning.comparisonTestCause',
  }),
  age: spoken({
    name: 'planning.ageDay',
    about: 'planning.sownStepsEveryAge',
  }),
  soil: spoken({
    name: 'planning.soil',
    about: 'planning.sandCompostLoamWater',
  }),
  cover: spoken({
    name: 'planning.cover',
    about: 'planning.underLidOpen',
  }),
  other: spoken({
    name: 'planning.somethingElse',
    about: 'planning.ideaOwn',
  }),
};

const amounts = (unit: string, none: string, ...steps: number[]): Level[] => [
  { label: none, amount: 0 },
  ...steps.map((amount) => ({ label: `${amount} ${unit}`, amount })),
];
const steps = (unit: string, ...of: number[]): Level[] => of.map((amount) => ({ label: `${amount} ${unit}`, amount }));
const named = (...labels: string[]): Level[] => labels.map((label) => ({ label, amount: null }));

const USUAL: Record<FactorSubject, { unit: string; levels: Level[] }> = {
  salt: {
    unit: 'mmol/L',
    get levels() {
      return amounts('mmol/L', say('planning.noSalt'), 25, 50, 100);
    },
  },
  acid: {
    unit: 'mL/L',
    get levels() {
      return amounts('mL/L', say('common.plainWater'), 10, 20);
    },
  },
  chalk: {
    unit: 'g/L',
    get levels() {
      return amounts('g/L', say('planning.noChalk'), 4, 8);
    },
  },
  feed: {
    get unit() {
      return say('planning.nitrogenUnit');
    },
    get levels() {
      return amounts(say('planning.nitrogenUnit'), say('common.plainWater'), 50, 100);
    },
  },
  water: { unit: 'mL', levels: steps('mL', 30, 15, 60) },
  light: {
    unit: '',
    get levels() {
      return named(say('planning.light'), say('planning.dark'));
    },
  },
  temperature: {
    unit: '°C',
    levels: [
      {
        get label() {
          return say('planning.theClassroom');
        },
        amount: 20,
      },
      {
        get label() {
          return say('planning.coolRoom');
        },
        amount: 14,
      },
    ],
  },
  place: {
    unit: '',
    get levels() {
      return named(say('planning.onTheSill'), say('planning.awayWindow'));
    },
  },
  depth: { unit: 'mm', levels: steps('mm', 10, 25, 45) },
  soaking: {
    unit: 'h',
    levels: [
      {
        get label() {
          return say('planning.dry');
        },
        amount: 0,
      },
      {
        get label() {
          return say('planning.soakedOvernight');
        },
        amount: 12,
      },
    ],
  },
  'seed-age': {
    unit: 'years',
    levels: [
      {
        get label() {
          return say('planning.thisYear');
        },
        amount: 0,
      },
      {
        get label() {
          return say('planning.threeYearsOld');
        },
        amount: 3,
      },
    ],
  },
  crowding: { unit: 'plants', levels: steps('plants', 2, 4, 8) },
  kind: {
    unit: '',
    levels: [
      {
        get label() {
          return say('planning.wheat');
        },
        amount: null,
        speciesId: 'wheat',
      },
      {
        get label() {
          return say('planning.whiteMustard');
        },
        amount: null,
        speciesId: 'white_mustard',
      },
    ],
  },
  age: { unit: 'days', levels: steps('days', 3, 7, 14, 21) },
  soil: {
    unit: '',
    get levels() {
      return named(say('planning.pottingMix'), say('planning.pottingMixSand'));
    },
  },
  cover: {
    unit: '',
    get levels() {
      return named(say('planning.noCover'), say('planning.clearCover'));
    },
  },
  other: {
    unit: '',
    get levels() {
      return named(say('planning.asAlways'), say('planning.changed'));
    },
  },
};

/** Kinds and ages are compared with each other; none of them is left untreated. */
const NO_CONTROL: Partial<Record<FactorSubject, string>> = spoken({
  kind: 'planning.kindsDifferEverythingNone',
  age: 'planning.ageLadderShowsAges',
});

/** For ages 5 to 7, who pinch and spoon instead of weighing: names, and no units. */
const EARLY: Partial<Record<FactorSubject, string[]>> = {
  get salt() {
    return [say('planning.noSalt'), say('planning.pinchSalt')];
  },
  get acid() {
    return [say('common.plainWater'), say('planning.sourWater')];
  },
  get chalk() {
    return [say('planning.noChalk'), say('planning.spoonChalk')];
  },
  get feed() {
    return [say('common.plainWater'), say('planning.plantFood')];
  },
  get water() {
    return [say('planning.cupWater'), say('planning.spoonWater')];
  },
  get depth() {
    return [say('planning.justCovered'), say('planning.fingerDeep')];
  },
  get temperature() {
    return [say('planning.warmRoom'), say('planning.inTheCoolRoom')];
  },
  get soaking() {
    return [say('planning.dry'), say('planning.soaked')];
  },
};

/**
 * A factor as a class usually begins it, whole: its name, unit, levels, and the control where there is one.
 * @param early for ages 5 to 7
 */
export function usualFactor(subject: FactorSubject, early = false): Factor {
  const names = early ? EARLY[subject] : undefined;
  const { unit, levels } = names ? { unit: '', levels: named(...names) } : USUAL[subject];
  const without = NO_CONTROL[subject];
  return {
    name: subject === 'other' ? '' : SUBJECT_WORDS[subject].name,
    subject,
    unit,
    levels: levels.map((l) => ({ ...l })),
    control: without ? null : 0,
    noControlReason: without ?? '',
  };
}
