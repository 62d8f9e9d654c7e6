import { type Question } from '../compare/question';
import { type ComparedDesign } from '../compare/records';
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
  /** How a treatment is named after its preposition: `with 25 mmol/L`, or `under “behind a curtain”`. */
  joined: 'with' | 'under';
  /** Several classes are taken together: how many. */
  classes: number;
  /** How far readings of one plant by this class lie from each other, as a standard deviation in the stored unit; null where nobody tried. */
  readingError: number | null;
}

/** What is given to a plant is had `with` it; any other difference is what it stands `under`, by its own name. */
const GIVEN = ['salt', 'acid', 'chalk', 'feed', 'water', 'soil', 'cover', 'crowding'];

export function joinedBy(design: ComparedDesign | null): ClaimSubject['joined'] {
  return design === null || design.factors.every((f) => GIVEN.includes(f.subject)) ? 'with' : 'under';
}
