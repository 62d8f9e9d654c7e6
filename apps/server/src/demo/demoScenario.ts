import { type Emblem } from '@bright-sprout/contracts/access';
import { type GradeBand } from '@bright-sprout/contracts/classes';
import { addDays, type IsoDay, weekday } from '@bright-sprout/core/calendar/days';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type TreatmentEffect, type Trouble } from '@bright-sprout/core/simulate/simulateInvestigation';

export const DEMO_TEACHER = {
  email: 'teacher@millrace.example',
  password: 'grow-a-hedge-2',
  name: 'Room 12',
  schoolName: 'Millrace School',
};

export const DEMO_EMBLEMS: Emblem[] = ['kite', 'bell', 'boat', 'moon', 'brolly', 'drum', 'key'];

export interface DemoClass {
  name: string;
  gradeBand: GradeBand;
  joinCode: string;
  pinSeed: number;
  investigation: {
    question: string;
    phase: 'growing' | 'finished';
    speciesId: string;
    methodId: string;
    resolution: RulerResolution;
    beforeSprouting: 'exclude' | 'zero';
    shared: boolean;
    sownOn: (today: IsoDay) => IsoDay;
    /** Check days, as days since sowing; those before today have records. */
    checkDays: number[];
    seeds: number;
    temperature: number;
    effects: Record<string, TreatmentEffect>;
    trouble: Trouble;
    /** Seeds of the draw of places and of the plants. */
    seed: number;
    growthSeed: number;
  };
}

/** The Tuesday that makes today a day of the third week. */
const thirdWeek = (today: IsoDay) => addDays(today, -(14 + ((weekday(today) + 5) % 7)));

const CHECK_DAYS = [1, 3, 6, 8, 10, 13, 15, 17, 20, 22, 24, 27, 29, 31, 34];

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
    investigation: {
      question: 'Does road salt on the pavement reach the hedge?',
      phase: 'growing',
      speciesId: 'barley',
      methodId: 'paper_pot',
      resolution: 'mm',
      beforeSprouting: 'exclude',
      shared: true,
      sownOn: thirdWeek,
      checkDays: CHECK_DAYS,
      seeds: 3,
      temperature: 17,
      effects: {
        A: { germination: 1, delay: 1, height: 1 },
        B: { germination: 0.97, delay: 1.05, height: 0.94 },
        C: { germination: 0.85, delay: 1.2, height: 0.74 },
        D: { germination: 0.3, delay: 1.5, height: 0.45 },
      },
      trouble: {
        accidents: [{ code: 'C3', day: 8 }],
        absences: [{ team: 3, day: 10 }],
        rulerOffsets: [{ team: 4, mm: 6 }],
        drought: { day: 13, deathChance: 0.04, setback: 0.06 },
      },
      seed: 77,
      growthSeed: 95,
    },
  },
  {
    name: '5 Heron',
    gradeBand: 'primary',
    joinCode: 'HERON5',
    pinSeed: 53,
    investigation: {
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
  },
];
