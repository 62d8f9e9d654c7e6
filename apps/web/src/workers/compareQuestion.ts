import { type BeforeSprouting, type ComparedRecords } from '@bright-sprout/core/compare/compareOnDay';

/** What the comparison worker is asked. */
export interface CompareQuestion {
  records: ComparedRecords;
  day: string;
  beforeSprouting: BeforeSprouting;
  /** The same seed gives the same resamples, so a claim does not flicker between visits. */
  seed: number;
}
