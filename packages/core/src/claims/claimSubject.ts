import { say } from '@bright-sprout/words/say';
import { type Question } from '../compare/question';
import { type ComparedDesign } from '../compare/records';
import { type Shown } from '../compare/shown';
import { type GradeBand } from '../words/gradeBand';
import { listInWords } from '../words/listInWords';

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
  /** How a treatment is named after its preposition: `with 25 mmol/L`, `under “behind a curtain”`, or `from “three years old” seed`. */
  joined: Joined;
  /** Several classes are taken together: how many. */
  classes: number;
  /** How far readings of one plant by this class lie from each other, as a standard deviation in the stored unit; null where nobody tried. */
  readingError: number | null;
}

type Joined = 'with' | 'under' | 'from-seed';

/** What is given to a plant is had `with` it; any other difference is what it stands `under`, by its own name. */
const GIVEN = ['salt', 'acid', 'chalk', 'feed', 'water', 'soil', 'cover', 'crowding'];

export function joinedBy(design: ComparedDesign | null): Joined {
  if (design?.factors.length && design.factors.every((f) => f.subject === 'seed-age')) return 'from-seed';
  return design === null || design.factors.every((f) => GIVEN.includes(f.subject)) ? 'with' : 'under';
}

/** `with 25 and 50 mmol/L`, `under “behind a curtain”`, or `from “three years old” seed`. */
export function joined(labels: readonly string[], { joined: how }: Pick<ClaimSubject, 'joined'>): string {
  if (how === 'with') return say('claims.withTreatment', { labels: listInWords(labels) });
  const quoted = listInWords(labels.map((l) => `“${l}”`));
  return how === 'under' ? say('claims.underTreatment', { quoted }) : say('claims.fromSeed', { quoted });
}

/** After a count of containers, of what they are: `with 50 mmol/L`, `(Kites)`, `(wheat)`. */
export function ofGroup(label: string, subject: Pick<ClaimSubject, 'joined' | 'question'>): string {
  const { between } = subject.question;
  if (between === 'kinds') return `(${label.toLowerCase()})`;
  return between === 'teams' || between === 'ages' ? `(${label})` : joined([label], subject);
}
