import { type CareRule } from '../care/careTasks';
import { type PlannedMeasure } from '../measures/planMeasures';
import { type Habit } from '../seeds/catalogue';

/** A measure that the teacher defined: a number with a unit and a range, or a choice. */
export interface OwnMeasure {
  id: string;
  name: string;
  kind: 'number' | 'choice';
  unit: string;
  min: number | null;
  max: number | null;
  choices: string[];
}

/** What every look at a container asks for, and how; settled when it is sown. */
export interface BenchProtocol {
  measures: PlannedMeasure[];
  heightRule: 'growing-tip' | 'highest-point' | 'longest-leaf';
  sprouted: 'root-2mm' | 'shoot' | 'seed-leaves';
  /** Tagged plants measured one after another in each container. */
  plants: number;
  own: OwnMeasure[];
  care: CareRule;
  /** Every student has a pot of their own at home: a device can keep to one. */
  atHome?: boolean;
}

/** What is asked where sprouted seeds are counted, by when a seed has sprouted. */
export const COUNT_QUESTIONS: Record<BenchProtocol['sprouted'], string> = {
  'root-2mm': 'How many have a root?',
  shoot: 'How many are up?',
  'seed-leaves': 'How many have their seed leaves open?',
};

/** What is said of those that were counted: `3 of 4 up`. */
export const COUNT_WORDS: Record<BenchProtocol['sprouted'], string> = {
  'root-2mm': 'with a root',
  shoot: 'up',
  'seed-leaves': 'open',
};

/** For records that came without a plan. */
export const USUAL_BENCH: BenchProtocol = {
  measures: ['height', 'leaves'],
  heightRule: 'growing-tip',
  sprouted: 'shoot',
  plants: 1,
  own: [],
  care: { water: 'by-touch', doseMl: 30, paper: false, openBag: 'never' },
};

/** More would not be measured in a lesson. */
export const MOST_TAGGED = 6;

export const STAGES = ['hook', 'spear', 'seed-leaves', 'first-blade', 'true-leaves', 'more-blades', 'bud', 'flower'] as const;
export type Stage = (typeof STAGES)[number];

export const STAGE_WORDS: Record<Stage, string> = {
  hook: 'a bent hook',
  spear: 'a pointed spear',
  'seed-leaves': 'seed leaves open',
  'first-blade': 'one blade',
  'true-leaves': 'true leaves',
  'more-blades': 'two blades or more',
  bud: 'a bud',
  flower: 'a flower',
};

/** The stages that a plant of its habit goes through, in order. */
export function stagesOf(habit: Habit): Stage[] {
  return habit === 'grass'
    ? ['spear', 'first-blade', 'more-blades', 'flower']
    : ['hook', 'seed-leaves', 'true-leaves', 'bud', 'flower'];
}

export const VIGOURS = ['good', 'fair', 'poor'] as const;
export type Vigour = (typeof VIGOURS)[number];

export const VIGOUR_WORDS: Record<Vigour, string> = { good: 'green and firm', fair: 'pale or limp', poor: 'yellow or brown' };

/** What a look found beside height and leaves. */
export interface MoreFound {
  /** Seedlings that are up in the container. */
  countUp?: number;
  stage?: Stage;
  vigour?: Vigour;
  rootMm?: number;
  /** By id of the own measure. */
  own?: Record<string, number | string>;
}

/** Why a value of an own measure is refused, in words; null where it fits. */
export function ownProblem(measure: OwnMeasure, value: number | string): string | null {
  if (measure.kind === 'choice')
    return measure.choices.includes(String(value)) ? null : `Choose one of: ${measure.choices.join(', ')}.`;
  const number = Number(value);
  if (!Number.isFinite(number)) return `${measure.name} is a number.`;
  if (measure.min !== null && number < measure.min)
    return `${measure.name} is at least ${measure.min} ${measure.unit}.`.replace(' .', '.');
  if (measure.max !== null && number > measure.max)
    return `${measure.name} is at most ${measure.max} ${measure.unit}.`.replace(' .', '.');
  return null;
}
