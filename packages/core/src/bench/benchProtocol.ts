import { type CareRule } from '../care/careTasks';
import { type SproutedRule } from '../measures/measure';
import { type Measured } from '../measures/registry';

/** What every look at a container asks for, and how; settled when it is sown. */
export interface BenchProtocol extends Measured {
  heightRule: 'growing-tip' | 'highest-point' | 'longest-leaf';
  sprouted: SproutedRule;
  /** Tagged plants measured one after another in each container. */
  plants: number;
  care: CareRule;
  /** Every student has a pot of their own at home: a device can keep to one. */
  atHome?: boolean;
}

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
