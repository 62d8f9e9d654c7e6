import { type Question } from '../compare/question';
import { type Shown } from '../compare/shown';
import { type GradeBand } from '../words/gradeBand';

/** What the sentences of a claim speak about. */
export interface ClaimSubject {
  /** The kind as a noun, lower case: `barley`. */
  kind: string;
  /** What its containers are called: `cup`, `pot`. */
  container: string;
  shown: Shown;
  question: Pick<Question, 'follow' | 'when' | 'between' | 'beforeSprouting' | 'afterLoss' | 'afterRemoval'>;
  /** When it was, after the verb: `on day 16`, `at 14 days old`; empty for the whole course. */
  when: string;
  band: GradeBand;
  /** Several classes are taken together: how many. */
  classes: number;
  /** How far readings of one plant by this class lie from each other, as a standard deviation in the stored unit; null where nobody tried. */
  readingError: number | null;
}
