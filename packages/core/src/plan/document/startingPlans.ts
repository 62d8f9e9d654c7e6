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
    name: 'Salt in steps',
    about: 'How much is too much? A series with a trend.',
    question: 'How much road salt can barley stand?',
    speciesId: 'barley',
    methodId: 'cup_mix',
    days: 28,
    factors: [
      factor('salt in the water', 'salt', 'mmol/L', [
        ['no salt', 0],
        ['25 mmol/L', 25],
        ['50 mmol/L', 50],
        ['100 mmol/L', 100],
      ]),
    ],
    change: () => ({ kind: 'dose-series' }),
  },
  {
    id: 'feed-and-light',
    name: 'Feed and light together',
    about: 'Two things at once, crossed: does one change what the other does?',
    question: 'Does plant food help more in bright light than in shade?',
    speciesId: 'white_mustard',
    methodId: 'cup_mix',
    days: 28,
    factors: [
      factor('plant food', 'feed', 'mg N/L', [
        ['plain water', 0],
        ['50 mg N/L', 50],
      ]),
      factor('light', 'light', '', ['bright sill', 'behind a curtain']),
    ],
    change: () => ({ kind: 'two-factors' }),
  },
  {
    id: 'sour-water-and-chalk',
    name: 'Sour water, and chalk in the soil',
    about: 'Acid crossed with chalk: does one undo what the other does?',
    question: 'Does chalk in the soil help kale through sour water?',
    speciesId: 'kale_cabbage',
    methodId: 'cup_mix',
    days: 28,
    factors: [
      factor('vinegar in the water', 'acid', 'mL/L', [
        ['plain water', 0],
        ['sour water', 20],
      ]),
      factor('chalk in the soil', 'chalk', 'g/L', [
        ['no chalk', 0],
        ['chalk', 4],
      ]),
    ],
    change: () => ({ kind: 'two-factors' }),
  },
  {
    id: 'crowded-pots',
    name: 'Crowded pots',
    about: 'Over-sow, thin to the wanted number, and see what neighbours cost.',
    question: 'Does wheat grow shorter when it is crowded?',
    speciesId: 'wheat',
    methodId: 'cup_mix',
    days: 28,
    factors: [
      factor('plants in a cup', 'crowding', 'plants', [
        ['1 plant', 1],
        ['4 plants', 4],
        ['10 plants', 10],
      ]),
    ],
    change: () => ({ kind: 'crowding', seedsEach: 14, keep: 10 }),
  },
  {
    id: 'light-and-dark',
    early: { name: 'Light and dark', about: 'What do sprouts do without light?', question: 'What does cress do in the dark?' },
    name: 'Light and dark',
    about: 'Pale, long and weak: what a seedling does to find light.',
    question: 'What does garden cress do in the dark?',
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
    name: 'Warm and cool places',
    about: 'Seeds count warmth: compare days with degree-days.',
    question: 'How much sooner does kale come up in a warm place?',
    speciesId: 'kale_cabbage',
    methodId: 'cell_tray',
    days: 18,
    factors: [
      factor('place', 'temperature', '°C', [
        ['the classroom', 20],
        ['the cool corridor', 14],
      ]),
    ],
    change: ({ containersEach }) => ({
      containersEach: 2 * containersEach,
      seedsEach: enoughToCount(2 * containersEach),
      cadence: DAILY,
      measures: ['seeds-up', 'height'],
    }),
  },
  {
    id: 'how-deep',
    name: 'How deep',
    about: 'From just covered to too deep: what reaches the light?',
    question: 'How deep can wheat be sown and still come up?',
    speciesId: 'wheat',
    methodId: 'cup_mix',
    days: 24,
    factors: [
      factor('depth', 'depth', 'mm', [
        ['10 mm', 10],
        ['20 mm', 20],
        ['40 mm', 40],
        ['65 mm', 65],
      ]),
    ],
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
    name: 'Soaked or dry',
    about: 'Does a night in water give a head start?',
    question: 'Do soaked lentils come up sooner than dry ones?',
    speciesId: 'lentil',
    methodId: 'bag_pocket',
    days: 10,
    factors: [
      factor('soaking', 'soaking', 'h', [
        ['dry', 0],
        ['soaked overnight', 12],
      ]),
    ],
    change: ({ containersEach }) => ({
      seedsEach: enoughToCount(containersEach),
      cadence: DAILY,
      measures: ['seeds-up', 'root-length'],
    }),
  },
  {
    id: 'old-and-new-seed',
    name: 'Old and new seed',
    about: 'What a drawer does to seed: fewer, later, or both?',
    question: 'Do last years’ onion seeds still come up?',
    speciesId: 'onion',
    methodId: 'clear_box_paper',
    days: 14,
    factors: [
      factor('age of the seed', 'seed-age', 'years', [
        ['this year', 0],
        ['three years old', 3],
      ]),
    ],
    change: () => ({ seedsEach: 10, keep: 10, cadence: DAILY, measures: ['seeds-up'] }),
  },
  {
    id: 'kinds-side-by-side',
    early: { name: 'Three kinds of seed', about: 'Which one is up first?', question: 'Which seed is up first?' },
    name: 'Kinds side by side',
    about: 'A comparison, not a test of one cause, and the plan says so.',
    question: 'Which comes up first: wheat, mustard or nasturtium?',
    speciesId: 'wheat',
    methodId: 'cup_mix',
    days: 31,
    factors: [
      factor(
        'kind of seed',
        'kind',
        '',
        [
          { label: 'wheat', amount: null, speciesId: 'wheat' },
          { label: 'white mustard', amount: null, speciesId: 'white_mustard' },
          { label: 'nasturtium', amount: null, speciesId: 'nasturtium' },
        ],
        null,
        'Kinds differ in everything; none is the control.',
      ),
    ],
    change: ({ containersEach }) => ({
      kind: 'side-by-side',
      seedsEach: enoughToCount(containersEach),
      measures: ['seeds-up', 'height', 'stage'],
    }),
  },
  {
    id: 'age-ladder',
    early: {
      name: 'From seed to big',
      about: 'Every age in one row.',
      question: 'What does a sunflower look like when it is small, and when it is big?',
    },
    name: 'Every age on one day',
    about: 'Sow in steps, and see a life’s beginning side by side in one lesson.',
    question: 'What does a sunflower look like at every age?',
    speciesId: 'sunflower',
    methodId: 'cup_mix',
    days: 21,
    factors: [
      factor(
        'age on the lesson day',
        'age',
        'days',
        [
          ['3 days', 3],
          ['7 days', 7],
          ['11 days', 11],
          ['15 days', 15],
          ['21 days', 21],
        ],
        null,
        'An age ladder shows ages; nothing is treated.',
      ),
    ],
    change: (plan) => ({
      kind: 'age-ladder',
      lessonOn: addDays(plan.sowOn, 21),
      containersEach: 4,
      measures: ['height', 'leaves', 'stage'],
    }),
  },
  {
    id: 'patch-from-above',
    early: { name: 'A little lawn', about: 'When is it all green?', question: 'When is our lawn all green?' },
    name: 'A patch from above',
    about: 'Percent green over time, from photographs of sections.',
    question: 'Does a clear cover make a clover patch green sooner?',
    speciesId: 'white_clover',
    methodId: 'flat_divided',
    days: 24,
    factors: [factor('cover', 'cover', '', ['no cover', 'clear cover for the first week'])],
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
    name: 'Is it still alive?',
    about: 'A paper test of a seed lot with its uncertainty, for the next plan.',
    question: 'How many of our tomato seeds are alive?',
    speciesId: 'tomato',
    methodId: 'bag_pocket',
    days: 14,
    factors: [factor('seed lot', 'other', '', ['our lot'], null, 'One lot is tested; nothing is compared.')],
    change: () => ({ kind: 'viability', seedsEach: 10, keep: 10, containersEach: 5, measures: ['seeds-up'] }),
  },
  {
    id: 'watch-and-wonder',
    early: { name: 'Watch it grow', about: 'What does our seed do every day?', question: 'What does our seed do every day?' },
    name: 'Watch and wonder',
    about: 'One kind, all alike: what does it do, day after day?',
    question: 'What does a nasturtium do, day after day?',
    speciesId: 'nasturtium',
    methodId: 'cup_mix',
    days: 28,
    factors: [factor('what we do', 'other', '', ['all alike'], null, 'Nothing is compared: everybody looks.')],
    change: ({ containersEach }) => ({
      kind: 'looking',
      containersEach: Math.max(containersEach, 2),
      measures: ['height', 'leaves', 'stage'],
    }),
  },
  {
    id: 'thirsty',
    name: 'With water and without',
    about: 'Does a seed need water to wake up?',
    question: 'Does a seed need water to wake up?',
    early: { name: 'With water and without', about: 'What wakes a seed up?', question: 'Does a seed need water to wake up?' },
    earlyOnly: true,
    speciesId: 'white_mustard',
    methodId: 'bag_pocket',
    days: 10,
    factors: [
      factor('water', 'water', 'mL', [
        ['wet paper', 20],
        ['dry paper', 0],
      ]),
    ],
    change: ({ containersEach }) => ({
      seedsEach: enoughToCount(containersEach),
      cadence: DAILY,
      measures: ['seeds-up'],
    }),
  },
  {
    id: 'own-pot-at-home',
    early: { name: 'A pot at home', about: 'Everybody grows one.', question: 'Does my pot like a sunny window?' },
    name: 'A pot of your own at home',
    about: 'Everyone takes one home; the class compares windows.',
    question: 'Does a basil pot do better on a sunny sill?',
    speciesId: 'basil',
    methodId: 'paper_pot',
    days: 28,
    factors: [factor('sill', 'place', '', ['sunny sill', 'shady sill'])],
    change: () => ({ assignment: 'own-pot', containersEach: 14, measures: ['height', 'leaves'] }),
  },
];
