import { merged } from '@bright-sprout/words/merged';
import { type LengthUnit } from '../quantities/length';
import { type MassUnit } from '../quantities/mass';
import { type Habit } from '../seeds/catalogue';
import { type GradeBand } from '../words/gradeBand';

/**
 * What kind of thing a measure finds. `count-of` is a count out of the seeds that were sown, `share` a percentage from 0 to
 * 100, `number` carries a unit of its own; `stage` and `grade` are choices in an order, `choice` is one in none.
 */
export const QUANTITIES = ['length', 'mass', 'count', 'count-of', 'share', 'number', 'stage', 'grade', 'choice'] as const;
export type Quantity = (typeof QUANTITIES)[number];

/** How the plants of a container, or the containers of a treatment, are summed up. `order`: by the middle of the ranks of its choices. */
export type SummedUp = 'mean' | 'share-of-seeds' | 'median' | 'order';

/** When a seed counts as sprouted. */
export const SPROUTED_RULES = ['root-2mm', 'shoot', 'seed-leaves'] as const;
export type SproutedRule = (typeof SPROUTED_RULES)[number];

export interface MeasureChoice {
  code: string;
  words: string;
  /** Plants of these habits only; all where none is named. */
  habits?: readonly Habit[];
}

/** What the words of a question depend on beside the band. */
export interface Asked {
  habit: Habit;
  sprouted: SproutedRule;
}

/** One thing that can be found at a plant or a container: everything that bench, log, wall, files and claims know of it. */
export interface Measure {
  /** Kept with every finding; never changed. */
  code: string;
  /** Noun in lower case, as in “how does … differ?”. */
  name: string;
  /** The question at the bench, by band. */
  question: (band: GradeBand, asked: Asked) => string;
  quantity: Quantity;
  of: 'plant' | 'container';
  /** Unit in which values are stored: `mm`, `g`, `%`, one of its own, or none. */
  unit: string;
  /** Units that it is typed and shown in, the usual one first; empty where there is no other than the stored one. */
  shownIn: readonly (LengthUnit | MassUnit)[];
  /** Read on the class's ruler, in the steps of its resolution. */
  byRuler: boolean;
  /** Smallest step that is told apart, in the stored unit; null where the ruler says it or nothing is counted. */
  step: number | null;
  /** Lowest and highest value, in the stored unit, and what is said beyond them; null ends are open. */
  least: number | null;
  most: number | null;
  beyond: string;
  /** What can be chosen, in order where there is one. */
  choices: readonly MeasureChoice[];
  summedUp: SummedUp;
  /** What the claim speaks of: the plants themselves, or the soil that they stand in. */
  about: 'plants' | 'soil';
  /** Words for a difference, after their verb: was `taller` or `shorter`; had `fewer of its seeds up`. */
  verb: 'was' | 'had';
  more: string;
  less: string;
  /** One and several of what is counted: `leaf`, `leaves`; empty where nothing is. */
  noun: readonly [one: string, several: string] | null;
  /**
   * What makes one ask about a value: `growth` the plant's own curve, `slip` a slipped point, `rises` the same and any fall,
   * `sown` more than were sown.
   */
  plausibility: 'growth' | 'slip' | 'rises' | 'sown' | 'none';
  /** How it is entered: along the ruler, by steps up and down, typed, or by tapping a choice. */
  entry: 'ruler' | 'steps' | 'typed' | 'choices';
  /** What of a drawn plant shows it; `bar` where a plain bar stands for it. */
  drawn: 'height' | 'leaves' | 'sprouts' | 'stage' | 'vigour' | 'root' | 'bar';
}

/** True where values are numbers that can be added up. */
export function isNumeric({ quantity }: Pick<Measure, 'quantity'>): boolean {
  return quantity !== 'stage' && quantity !== 'grade' && quantity !== 'choice';
}

/** True where one value can be more than another: numbers, stages and grades. */
export function isOrdered({ quantity }: Pick<Measure, 'quantity'>): boolean {
  return quantity !== 'choice';
}

/** The choices that a plant of this habit can show, in order. */
export function choicesOf({ choices }: Pick<Measure, 'choices'>, habit: Habit): MeasureChoice[] {
  return choices.filter((c) => !c.habits || c.habits.includes(habit));
}

const NOTHING = {
  unit: '',
  shownIn: [],
  byRuler: false,
  step: null,
  least: null,
  most: null,
  beyond: '',
  choices: [],
  noun: null,
};

type Needed = Pick<Measure, 'code' | 'name' | 'question' | 'quantity' | 'of' | 'summedUp' | 'more' | 'less'>;

/** A measure with the usual answers for what it does not say. */
export function measure(part: Needed & Partial<Measure>): Measure {
  const entry = part.choices ? 'choices' : part.quantity === 'count' || part.quantity === 'count-of' ? 'steps' : 'typed';
  const usual = {
    ...NOTHING,
    about: 'plants',
    verb: 'was',
    plausibility: part.choices ? 'none' : 'slip',
    entry,
    drawn: 'bar',
  } as const;
  return merged(usual, part) as Measure;
}

/** A measure that shares what it does not say with its likes. */
export function measureLike<Shared extends Partial<Measure>>(
  shared: Shared,
  part: Omit<Needed, keyof Shared> & Partial<Measure>,
): Measure {
  return measure(merged(shared, part) as Needed & Partial<Measure>);
}
