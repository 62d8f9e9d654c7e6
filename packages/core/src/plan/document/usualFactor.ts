import { say } from '@bright-sprout/words/say';
import { type Factor, type FactorSubject, type Level } from './planDocument';

/** What can be changed: as a choice is called, and what a class asks by it. */
export const SUBJECT_WORDS: Record<FactorSubject, { name: string; about: string }> = {
  salt: {
    get name() {
      return say('planning.saltWater');
    },
    get about() {
      return say('planning.muchTooMuchSolutions');
    },
  },
  acid: {
    get name() {
      return say('planning.acidWater');
    },
    get about() {
      return say('planning.sourRainSourSoil');
    },
  },
  chalk: {
    get name() {
      return say('planning.chalkSoil');
    },
    get about() {
      return say('planning.stirredMixStandsThree');
    },
  },
  feed: {
    get name() {
      return say('planning.plantFood');
    },
    get about() {
      return say('planning.tooLittleEnoughToo');
    },
  },
  water: {
    get name() {
      return say('planning.amountWater');
    },
    get about() {
      return say('planning.sameDaysOtherAmounts');
    },
  },
  light: {
    get name() {
      return say('planning.light');
    },
    get about() {
      return say('planning.brightDimDarkHours');
    },
  },
  temperature: {
    get name() {
      return say('planning.warmth');
    },
    get about() {
      return say('planning.needsPlaceStaysWarm');
    },
  },
  place: {
    get name() {
      return say('planning.place');
    },
    get about() {
      return say('planning.sillsRoomsHomesMuch');
    },
  },
  depth: {
    get name() {
      return say('planning.depthSowing');
    },
    get about() {
      return say('planning.reachesLightWhen');
    },
  },
  soaking: {
    get name() {
      return say('planning.soaking');
    },
    get about() {
      return say('planning.hoursWaterBeforeSowing');
    },
  },
  'seed-age': {
    get name() {
      return say('planning.ageSeed');
    },
    get about() {
      return say('planning.drawerSeed');
    },
  },
  crowding: {
    get name() {
      return say('planning.plantsContainer');
    },
    get about() {
      return say('planning.sownAlikeThinnedDifferent');
    },
  },
  kind: {
    get name() {
      return say('planning.kindSeed');
    },
    get about() {
      return say('planning.comparisonTestCause');
    },
  },
  age: {
    get name() {
      return say('planning.ageDay');
    },
    get about() {
      return say('planning.sownStepsEveryAge');
    },
  },
  soil: {
    get name() {
      return say('planning.soil');
    },
    get about() {
      return say('planning.sandCompostLoamWater');
    },
  },
  cover: {
    get name() {
      return say('planning.cover');
    },
    get about() {
      return say('planning.underLidOpen');
    },
  },
  other: {
    get name() {
      return say('planning.somethingElse');
    },
    get about() {
      return say('planning.ideaOwn');
    },
  },
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
      return say('planning.mgNL');
    },
    get levels() {
      return amounts(say('planning.mgNL'), say('common.plainWater'), 50, 100);
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
const NO_CONTROL: Partial<Record<FactorSubject, string>> = {
  get kind() {
    return say('planning.kindsDifferEverythingNone');
  },
  get age() {
    return say('planning.ageLadderShowsAges');
  },
};

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
    return [say('planning.warmRoom'), say('planning.coolRoom2')];
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
