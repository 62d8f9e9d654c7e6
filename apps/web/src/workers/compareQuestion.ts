import { type ComparedRecords, type Comparison } from '@bright-sprout/core/compare/compareOnDay';
import { type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { type CountingPolicies } from '@bright-sprout/core/readings/policies';

/** What the comparison worker is asked. A measure crosses by its code: its words are functions. */
export interface CompareQuestion extends CountingPolicies {
  records: ComparedRecords;
  day: string;
  measure: string;
  own: readonly OwnMeasure[];
  /** The same seed gives the same resamples, so a claim does not flicker between visits. */
  seed: number;
}

export type CompareAnswer = Omit<Comparison, 'measure'>;
