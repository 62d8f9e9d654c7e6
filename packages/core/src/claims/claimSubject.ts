import { type RulerResolution } from '../quantities/length';
import { type GradeBand } from '../words/gradeBand';

/** What the sentence speaks about. */
export interface ClaimSubject {
  /** The kind as a noun, lower case: `barley`. */
  kind: string;
  /** What its containers are called: `cup`, `pot`. */
  container: string;
  /** The day since sowing. */
  dayNumber: number;
  resolution: RulerResolution;
  /** Depth of the words; `middle` without it. */
  band?: GradeBand;
  /** What the fair-test check still says of the plan: declared exceptions and open rules, one sentence each. */
  planCautions?: readonly string[];
  /** How far readings of one plant by this class lie from each other, as a standard deviation in mm; null where nobody tried. */
  readingErrorMm?: number | null;
}
