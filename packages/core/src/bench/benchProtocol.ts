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
  /** By code, where a treatment is measured otherwise than the rest; left out where all are alike. */
  byTreatment?: Record<string, Partial<Pick<BenchProtocol, 'plants' | 'heightRule'>>>;
}

/** What a look at a container of a treatment asks for. */
export function benchFor<B extends Pick<BenchProtocol, 'byTreatment'>>(bench: B, treatment: string): B {
  return { ...bench, ...bench.byTreatment?.[treatment] };
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
