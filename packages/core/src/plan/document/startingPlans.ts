import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { addDays } from '../../calendar/days';
import { SEEDS_TO_COMPARE } from '../../seeds/sowingNumbers';
import { type Factor, type FactorSubject, type Level, type PlanDocument } from './planDocument';

export interface StartingPoint {
  id: string;
  name: string;
  /** What a class learns by it, one line. */
  about: string;
}

export interface ReadyPlan extends StartingPoint {
  question: string;
  factors: Factor[];
  speciesId: string;
  methodId: string;
  days: number;
  /** In words for ages 5 to 7; what has none is not for them. */
  early?: { name: string; about: string; question: string };
  /** For ages 5 to 7 only. */
  earlyOnly?: boolean;
  change?: (plan: PlanDocument) => Partial<PlanDocument>;
}

function factor(
  name: string,
  subject: FactorSubject,
  unit: string,
  levels: (string | [string, number] | Level)[],
  control: number | null = 0,
  noControlReason = '',
): Factor {
  return {
    name,
    subject,
    unit,
    control,
    noControlReason,
    levels: levels.map(levelOf),
  };
}

const levelOf = (l: string | [string, number] | Level): Level =>
  typeof l === 'string' ? { label: l, amount: null } : Array.isArray(l) ? { label: l[0], amount: l[1] } : l;

const DAILY: PlanDocument['cadence'] = { kind: 'school-days' };

/** Seeds in each container, so that shares of one treatment can be told from those of another. */
const enoughToCount = (containersEach: number) => Math.ceil(SEEDS_TO_COMPARE / containersEach);

/** Our own ready plans; each can be changed in every part. */
export const READY_PLANS: readonly ReadyPlan[] = [
  {
    id: 'salt-steps',
    get name() {
      return say('planning.saltSteps');
    },
    get about() {
      return say('planning.muchTooMuchSeries');
    },
    get question() {
      return say('planning.muchRoadSaltBarley');
    },
    speciesId: 'barley',
    methodId: 'cup_mix',
    days: 28,
    get factors() {
      return [
        factor(say('planning.saltWater'), 'salt', 'mmol/L', [
          [say('planning.noSalt'), 0],
          [say('planning.saltUnit'), 25],
          [say('planning.saltFifty'), 50],
          [say('planning.saltHundred'), 100],
        ]),
      ];
    },
    change: () => ({ kind: 'dose-series' }),
  },
  {
    id: 'feed-and-light',
    get name() {
      return say('planning.feedLightTogether');
    },
    get about() {
      return say('planning.twoThingsOnceCrossed');
    },
    get question() {
      return say('planning.plantFoodHelpMore');
    },
    speciesId: 'white_mustard',
    methodId: 'cup_mix',
    days: 28,
    get factors() {
      return [
        factor(say('planning.plantFood'), 'feed', say('planning.nitrogenUnit'), [
          [say('common.plainWater'), 0],
          [say('planning.nitrogenFifty'), 50],
        ]),
        factor('light', 'light', '', [say('planning.brightSill'), say('planning.behindCurtain')]),
      ];
    },
    change: () => ({ kind: 'two-factors' }),
  },
  {
    id: 'sour-water-and-chalk',
    get name() {
      return say('planning.sourWaterChalkSoil');
    },
    get about() {
      return say('planning.acidCrossedChalkUndo');
    },
    get question() {
      return say('planning.chalkSoilHelpKale');
    },
    speciesId: 'kale_cabbage',
    methodId: 'cup_mix',
    days: 28,
    get factors() {
      return [
        factor(say('planning.vinegarWater'), 'acid', 'mL/L', [
          [say('common.plainWater'), 0],
          [say('planning.sourWater'), 20],
        ]),
        factor(say('planning.chalkSoil'), 'chalk', 'g/L', [
          [say('planning.noChalk'), 0],
          ['chalk', 4],
        ]),
      ];
    },
    change: () => ({ kind: 'two-factors' }),
  },
  {
    id: 'crowded-pots',
    get name() {
      return say('planning.crowdedPots');
    },
    get about() {
      return say('planning.overSowThinWanted');
    },
    get question() {
      return say('planning.wheatGrowShorterWhen');
    },
    speciesId: 'wheat',
    methodId: 'cup_mix',
    days: 28,
    get factors() {
      return [
        factor(say('planning.plantsCup'), 'crowding', 'plants', [
          [say('planning.plant'), 1],
          [say('planning.plants'), 4],
          [say('planning.tenPlants'), 10],
        ]),
      ];
    },
    change: () => ({ kind: 'crowding', seedsEach: 14, keep: 10 }),
  },
  {
    id: 'light-and-dark',
    early: spoken({
      name: 'planning.lightDark',
      about: 'planning.sproutsWithoutLight',
      question: 'planning.cressDark',
    }),
    get name() {
      return say('planning.lightDark');
    },
    get about() {
      return say('planning.paleLongWeakSeedling');
    },
    get question() {
      return say('planning.gardenCressDark');
    },
    speciesId: 'garden_cress',
    methodId: 'sponge',
    days: 18,
    factors: [factor('light', 'light', '', ['light', 'dark'])],
    change: ({ containersEach }) => ({
      seedsEach: enoughToCount(containersEach),
      cadence: DAILY,
      measures: ['seeds-up', 'height', 'vigour'],
    }),
  },
  {
    id: 'warm-and-cool',
    get name() {
      return say('planning.warmCoolPlaces');
    },
    get about() {
      return say('planning.seedsCountWarmthCompare');
    },
    get question() {
      return say('planning.muchSoonerKaleCome');
    },
    speciesId: 'kale_cabbage',
    methodId: 'cell_tray',
    days: 18,
    get factors() {
      return [
        factor('place', 'temperature', '°C', [
          [say('planning.theClassroom'), 20],
          [say('planning.coolCorridor'), 14],
        ]),
      ];
    },
    change: ({ containersEach }) => ({
      containersEach: 2 * containersEach,
      seedsEach: enoughToCount(2 * containersEach),
      cadence: DAILY,
      measures: ['seeds-up', 'height'],
    }),
  },
  {
    id: 'how-deep',
    get name() {
      return say('planning.howDeep');
    },
    get about() {
      return say('planning.justCoveredTooDeep');
    },
    get question() {
      return say('planning.deepWheatSownStill');
    },
    speciesId: 'wheat',
    methodId: 'cup_mix',
    days: 24,
    get factors() {
      return [
        factor('depth', 'depth', 'mm', [
          [say('planning.tenMillimetres'), 10],
          [say('planning.twentyMillimetres'), 20],
          [say('planning.fortyMillimetres'), 40],
          [say('planning.sixtyFiveMillimetres'), 65],
        ]),
      ];
    },
    change: ({ containersEach }) => ({
      kind: 'dose-series',
      fillMl: 280,
      seedsEach: enoughToCount(containersEach),
      cadence: DAILY,
      measures: ['seeds-up', 'height'],
    }),
  },
  {
    id: 'soaked-or-dry',
    get name() {
      return say('planning.soakedDry');
    },
    get about() {
      return say('planning.nightWaterGiveHead');
    },
    get question() {
      return say('planning.soakedLentilsComeSooner');
    },
    speciesId: 'lentil',
    methodId: 'bag_pocket',
    days: 10,
    get factors() {
      return [
        factor('soaking', 'soaking', 'h', [
          ['dry', 0],
          [say('planning.soakedOvernight'), 12],
        ]),
      ];
    },
    change: ({ containersEach }) => ({
      seedsEach: enoughToCount(containersEach),
      cadence: DAILY,
      measures: ['seeds-up', 'root-length'],
    }),
  },
  {
    id: 'old-and-new-seed',
    get name() {
      return say('planning.oldNewSeed');
    },
    get about() {
      return say('planning.drawerSeedFewerLater');
    },
    get question() {
      return say('planning.lastYearsOnionSeeds');
    },
    speciesId: 'onion',
    methodId: 'clear_box_paper',
    days: 14,
    get factors() {
      return [
        factor(say('planning.ageSeed'), 'seed-age', 'years', [
          [say('planning.thisYear'), 0],
          [say('planning.threeYearsOld'), 3],
        ]),
      ];
    },
    change: () => ({ seedsEach: 10, keep: 10, cadence: DAILY, measures: ['seeds-up'] }),
  },
  {
    id: 'kinds-side-by-side',
    early: spoken({
      name: 'planning.threeKindsSeed',
      about: 'planning.whichOneIsUp',
      question: 'planning.seedFirst',
    }),
    get name() {
      return say('planning.kindsSideSide');
    },
    get about() {
      return say('planning.comparisonTestCausePlan');
    },
    get question() {
      return say('planning.comesFirstWheatMustard');
    },
    speciesId: 'wheat',
    methodId: 'cup_mix',
    days: 31,
    get factors() {
      return [
        factor(
          say('planning.kindSeed'),
          'kind',
          '',
          [
            { label: say('planning.wheat'), amount: null, speciesId: 'wheat' },
            { label: say('planning.whiteMustard'), amount: null, speciesId: 'white_mustard' },
            { label: say('planning.nasturtium'), amount: null, speciesId: 'nasturtium' },
          ],
          null,
          say('planning.kindsDifferEverythingNone'),
        ),
      ];
    },
    change: ({ containersEach }) => ({
      kind: 'side-by-side',
      seedsEach: enoughToCount(containersEach),
      measures: ['seeds-up', 'height', 'stage'],
    }),
  },
  {
    id: 'age-ladder',
    early: spoken({
      name: 'planning.seedBig',
      about: 'planning.everyAgeRow',
      question: 'planning.sunflowerLookLikeWhen',
    }),
    get name() {
      return say('planning.everyAgeDay');
    },
    get about() {
      return say('planning.sowStepsSeeLifes');
    },
    get question() {
      return say('planning.sunflowerLookLikeEvery');
    },
    speciesId: 'sunflower',
    methodId: 'cup_mix',
    days: 21,
    get factors() {
      return [
        factor(
          say('planning.ageLessonDay'),
          'age',
          'days',
          [
            [say('planning.threeDays'), 3],
            [say('planning.sevenDays'), 7],
            [say('planning.elevenDays'), 11],
            [say('planning.fifteenDays'), 15],
            [say('planning.twentyOneDays'), 21],
          ],
          null,
          say('planning.ageLadderShowsAges'),
        ),
      ];
    },
    change: (plan) => ({
      kind: 'age-ladder',
      lessonOn: addDays(plan.sowOn, 21),
      containersEach: 4,
      measures: ['height', 'leaves', 'stage'],
    }),
  },
  {
    id: 'patch-from-above',
    early: spoken({
      name: 'planning.littleLawn',
      about: 'planning.whenGreen',
      question: 'planning.whenLawnGreen',
    }),
    get name() {
      return say('planning.patchAbove');
    },
    get about() {
      return say('planning.percentGreenOverTime');
    },
    get question() {
      return say('planning.clearCoverMakeClover');
    },
    speciesId: 'white_clover',
    methodId: 'flat_divided',
    days: 24,
    get factors() {
      return [factor('cover', 'cover', '', [say('planning.noCover'), say('planning.clearCoverFirstWeek')])];
    },
    change: () => ({
      kind: 'patch',
      assignment: 'class-shares',
      seedsEach: 60,
      keep: 60,
      containersEach: 3,
      measures: ['percent-green', 'seeds-up'],
    }),
  },
  {
    id: 'is-it-alive',
    get name() {
      return say('planning.stillAlive');
    },
    get about() {
      return say('planning.paperTestSeedLot');
    },
    get question() {
      return say('planning.manyTomatoSeedsAlive');
    },
    speciesId: 'tomato',
    methodId: 'bag_pocket',
    days: 14,
    get factors() {
      return [
        factor(say('planning.seedLot'), 'other', '', [say('planning.ourLot')], null, say('planning.lotTestedNothingCompared')),
      ];
    },
    change: () => ({ kind: 'viability', seedsEach: 10, keep: 10, containersEach: 5, measures: ['seeds-up'] }),
  },
  {
    id: 'watch-and-wonder',
    early: spoken({
      name: 'planning.watchGrow',
      about: 'planning.seedEveryDay',
      question: 'planning.seedEveryDay',
    }),
    get name() {
      return say('planning.watchWonder');
    },
    get about() {
      return say('planning.kindAlikeDayAfter');
    },
    get question() {
      return say('planning.nasturtiumDayAfterDay');
    },
    speciesId: 'nasturtium',
    methodId: 'cup_mix',
    days: 28,
    get factors() {
      return [
        factor(
          say('planning.whatWeDo'),
          'other',
          '',
          [say('planning.allAlike')],
          null,
          say('planning.nothingComparedEverybodyLooks'),
        ),
      ];
    },
    change: ({ containersEach }) => ({
      kind: 'looking',
      containersEach: Math.max(containersEach, 2),
      measures: ['height', 'leaves', 'stage'],
    }),
  },
  {
    id: 'thirsty',
    get name() {
      return say('planning.waterWithout');
    },
    get about() {
      return say('planning.seedNeedWaterWake');
    },
    get question() {
      return say('planning.seedNeedWaterWake');
    },
    early: spoken({
      name: 'planning.waterWithout',
      about: 'planning.wakesSeed',
      question: 'planning.seedNeedWaterWake',
    }),
    earlyOnly: true,
    speciesId: 'white_mustard',
    methodId: 'bag_pocket',
    days: 10,
    get factors() {
      return [
        factor('water', 'water', 'mL', [
          [say('planning.wetPaper'), 20],
          [say('planning.dryPaper'), 0],
        ]),
      ];
    },
    change: ({ containersEach }) => ({
      seedsEach: enoughToCount(containersEach),
      cadence: DAILY,
      measures: ['seeds-up'],
    }),
  },
  {
    id: 'own-pot-at-home',
    early: spoken({
      name: 'planning.potHome',
      about: 'planning.everybodyGrows',
      question: 'planning.myPotLikeSunny',
    }),
    get name() {
      return say('planning.potOwnHome');
    },
    get about() {
      return say('planning.everyoneTakesHomeClass');
    },
    get question() {
      return say('planning.basilPotBetterSunny');
    },
    speciesId: 'basil',
    methodId: 'paper_pot',
    days: 28,
    get factors() {
      return [factor('sill', 'place', '', [say('planning.sunnySill'), say('planning.shadySill')])];
    },
    change: () => ({ assignment: 'own-pot', containersEach: 14, measures: ['height', 'leaves'] }),
  },
];
