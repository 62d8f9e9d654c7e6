import { type Emblem } from '@bright-sprout/contracts/access';
import { type GradeBand } from '@bright-sprout/contracts/classes';
import { type DeviationKind } from '@bright-sprout/contracts/deviations';
import { addDays, type IsoDay, weekday } from '@bright-sprout/core/calendar/days';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { NO_TROUBLE, type TreatmentEffect, type Trouble } from '@bright-sprout/core/simulate/simulateInvestigation';

export const DEMO_TEACHER = {
  email: 'teacher@millrace.example',
  password: 'grow-a-hedge-2',
  name: 'Room 12',
  schoolName: 'Millrace School',
};

export const DEMO_EMBLEMS: Emblem[] = ['kite', 'bell', 'boat', 'moon', 'brolly', 'drum', 'key'];

export interface DemoInvestigation {
  /** The ready plan that it was made from; salt in steps without it. */
  start?: string;
  question: string;
  phase: 'growing' | 'finished';
  speciesId: string;
  methodId: string;
  resolution: RulerResolution;
  beforeSprouting: 'exclude' | 'zero';
  shared: boolean;
  sownOn: (today: IsoDay) => IsoDay;
  /** Check days, as days since (the first) sowing; those before today have records. */
  checkDays: number[];
  seeds: number;
  /** Nothing is measured: sprouted seeds are counted. */
  countsOnly?: boolean;
  temperature: number;
  effects: Record<string, TreatmentEffect>;
  trouble: Trouble;
  /** Nothing is measured by hand: the pan is photographed every day, but for one, and counted green. */
  pictured?: boolean;
  /** Some teams have written what they conclude. */
  concluding?: boolean;
  /** What went otherwise when it was sown. */
  otherwise?: { code: string; kind: DeviationKind }[];
  /** Seeds of the draw of places and of the plants. */
  seed: number;
  growthSeed: number;
}

export interface DemoClass {
  name: string;
  gradeBand: GradeBand;
  joinCode: string;
  pinSeed: number;
  /** The first is the one its teams are at. */
  investigations: DemoInvestigation[];
}

/** The Tuesday that makes today a day of the third week. */
const thirdWeek = (today: IsoDay) => addDays(today, -(14 + ((weekday(today) + 5) % 7)));

const CHECK_DAYS = [1, 3, 6, 8, 10, 13, 15, 17, 20, 22, 24, 27, 29, 31, 34];

/** Nothing but counting: which seeds of a drawer still sprout, in bags. One bag was left open over a weekend. */
const OLD_SEED: DemoInvestigation = {
  start: 'old-and-new-seed',
  question: 'Do three-year-old onion seeds still sprout?',
  phase: 'growing',
  speciesId: 'onion',
  methodId: 'bag_pocket',
  resolution: 'half-cm',
  beforeSprouting: 'zero',
  shared: false,
  sownOn: (today) => addDays(thirdWeek(today), 6),
  checkDays: [1, 2, 3, 4, 7, 8, 9, 10, 11, 14],
  seeds: 10,
  countsOnly: true,
  temperature: 21,
  effects: {
    A: { germination: 1, delay: 0.55, height: 1 },
    B: { germination: 0.55, delay: 0.8, height: 1 },
  },
  trouble: { ...NO_TROUBLE, accidents: [{ code: 'A4', day: 7 }], absences: [{ team: 5, day: 4 }] },
  seed: 211,
  growthSeed: 17,
};

const SALT: Pick<DemoInvestigation, 'question' | 'speciesId' | 'methodId' | 'seeds' | 'effects'> = {
  question: 'Does road salt on the pavement reach the hedge?',
  speciesId: 'barley',
  methodId: 'paper_pot',
  seeds: 3,
  effects: {
    A: { germination: 1, delay: 1, height: 1 },
    B: { germination: 0.97, delay: 1.05, height: 0.94 },
    C: { germination: 0.85, delay: 1.2, height: 0.74 },
    D: { germination: 0.3, delay: 1.5, height: 0.45 },
  },
};

/** A pan of clover that is photographed from above: the simulated camera takes its pictures. */
export const CLOVER_PAN: DemoInvestigation = {
  start: 'patch-from-above',
  question: 'Does a clear cover make a clover patch green sooner?',
  phase: 'growing',
  speciesId: 'white_clover',
  methodId: 'flat_divided',
  resolution: 'mm',
  beforeSprouting: 'zero',
  shared: true,
  sownOn: thirdWeek,
  checkDays: [1, 2, 3, 6, 7, 8, 9, 10, 13, 14, 15, 16, 17, 20, 21, 22],
  seeds: 60,
  pictured: true,
  temperature: 18,
  effects: {
    A: { germination: 1, delay: 1, height: 1 },
    B: { germination: 1, delay: 0.6, height: 1 },
  },
  trouble: NO_TROUBLE,
  seed: 61,
  growthSeed: 44,
};

/** What a class of the upper school has behind it: the salt series beside 7 Copper's and a year before, two things crossed, crowding, every age on one day. */
const BEHIND_THEM: DemoInvestigation[] = [
  {
    ...SALT,
    phase: 'finished',
    resolution: 'mm',
    beforeSprouting: 'exclude',
    shared: false,
    sownOn: (today) => addDays(thirdWeek(today), -28),
    checkDays: CHECK_DAYS.slice(0, 11),
    temperature: 19,
    trouble: { ...NO_TROUBLE, accidents: [{ code: 'A6', day: 15 }], absences: [{ team: 2, day: 17 }] },
    seed: 402,
    growthSeed: 31,
  },
  {
    ...SALT,
    phase: 'finished',
    resolution: 'mm',
    beforeSprouting: 'exclude',
    shared: false,
    sownOn: (today) => addDays(thirdWeek(today), -364),
    checkDays: CHECK_DAYS.slice(0, 11),
    temperature: 16,
    trouble: { ...NO_TROUBLE, drought: { day: 20, deathChance: 0.12, setback: 0.1 } },
    seed: 77,
    growthSeed: 58,
  },
  {
    start: 'feed-and-light',
    question: 'Does plant food need light to work?',
    phase: 'finished',
    speciesId: 'white_mustard',
    methodId: 'cup_mix',
    resolution: 'mm',
    beforeSprouting: 'exclude',
    shared: false,
    sownOn: (today) => addDays(thirdWeek(today), -70),
    checkDays: [3, 6, 8, 10, 13, 15, 17, 20, 22, 24, 27],
    seeds: 3,
    temperature: 20,
    effects: {
      A: { germination: 1, delay: 1, height: 1 },
      B: { germination: 0.97, delay: 1.05, height: 0.84 },
      C: { germination: 1, delay: 1, height: 1.34 },
      D: { germination: 0.97, delay: 1.05, height: 0.92 },
    },
    trouble: {
      ...NO_TROUBLE,
      accidents: [{ code: 'C2', day: 10 }],
      absences: [{ team: 6, day: 13 }],
      rulerOffsets: [{ team: 1, mm: 7 }],
    },
    otherwise: [{ code: 'D5', kind: 'other-depth' }],
    seed: 33,
    growthSeed: 12,
  },
  {
    start: 'crowded-pots',
    question: 'Does wheat grow shorter when it is crowded?',
    phase: 'finished',
    speciesId: 'wheat',
    methodId: 'cup_mix',
    resolution: 'mm',
    beforeSprouting: 'exclude',
    shared: false,
    sownOn: (today) => addDays(thirdWeek(today), -105),
    checkDays: [6, 10, 13, 17, 20, 24],
    seeds: 14,
    temperature: 20,
    effects: {
      A: { germination: 1, delay: 1, height: 1 },
      B: { germination: 1, delay: 1, height: 0.95 },
      C: { germination: 1, delay: 1, height: 0.8 },
    },
    trouble: { ...NO_TROUBLE, accidents: [{ code: 'B3', day: 17 }], absences: [{ team: 4, day: 10 }] },
    seed: 54,
    growthSeed: 8,
  },
  {
    start: 'age-ladder',
    question: 'What does white mustard look like at every age?',
    phase: 'finished',
    speciesId: 'white_mustard',
    methodId: 'cup_mix',
    resolution: 'mm',
    beforeSprouting: 'exclude',
    shared: false,
    sownOn: (today) => addDays(thirdWeek(today), -140),
    checkDays: [6, 8, 10, 13, 15, 17, 20, 22],
    seeds: 3,
    temperature: 20,
    effects: {},
    trouble: NO_TROUBLE,
    seed: 91,
    growthSeed: 23,
  },
];

/**
 * Road salt and the school hedge: two kinds at four strengths on a north sill, seven teams a class, with the trouble a
 * class has: a dry weekend, a ruler read from its end, a pot knocked over, a team away. Heights are the simulator's.
 */
export const DEMO_CLASSES: DemoClass[] = [
  {
    name: '7 Copper',
    gradeBand: 'middle',
    joinCode: 'COPPR7',
    pinSeed: 71,
    investigations: [
      {
        ...SALT,
        phase: 'growing',
        resolution: 'mm',
        beforeSprouting: 'exclude',
        shared: true,
        concluding: true,
        sownOn: thirdWeek,
        checkDays: CHECK_DAYS,
        temperature: 17,
        trouble: {
          accidents: [{ code: 'C3', day: 8 }],
          absences: [{ team: 3, day: 10 }],
          rulerOffsets: [{ team: 4, mm: 6 }],
          drought: { day: 13, deathChance: 0.04, setback: 0.06 },
        },
        seed: 77,
        growthSeed: 95,
      },
    ],
  },
  {
    name: '5 Heron',
    gradeBand: 'primary',
    joinCode: 'HERON5',
    pinSeed: 53,
    investigations: [
      {
        question: 'How much road salt can garden cress stand?',
        phase: 'finished',
        speciesId: 'garden_cress',
        methodId: 'cup_mix',
        resolution: 'half-cm',
        beforeSprouting: 'zero',
        shared: false,
        sownOn: (today) => addDays(thirdWeek(today), -35),
        checkDays: CHECK_DAYS,
        seeds: 5,
        temperature: 18,
        effects: {
          A: { germination: 1, delay: 1, height: 1 },
          B: { germination: 0.95, delay: 1.05, height: 0.9 },
          C: { germination: 0.7, delay: 1.25, height: 0.7 },
          D: { germination: 0.25, delay: 1.7, height: 0.4 },
        },
        trouble: {
          accidents: [{ code: 'B6', day: 17 }],
          absences: [{ team: 1, day: 13 }],
          rulerOffsets: [],
          drought: { day: 20, deathChance: 0.04, setback: 0.04 },
        },
        seed: 1205,
        growthSeed: 1205,
      },
      OLD_SEED,
    ],
  },
  {
    name: '9 Slate',
    gradeBand: 'upper',
    joinCode: 'SLATE9',
    pinSeed: 97,
    investigations: [CLOVER_PAN, ...BEHIND_THEM],
  },
];
