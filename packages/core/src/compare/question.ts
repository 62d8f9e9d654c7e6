import { type IsoDay } from '../calendar/days';
import { type Reported } from '../measures/sumUp';
import { type CountingPolicies } from '../readings/policies';

/** What follows from a measure: its value itself, or what it became over time. */
export const FOLLOWS = ['value', 'change', 'per-day', 'relative-rate', 'area', 'highest', 'reached'] as const;
/** What is told by the looks themselves, whatever was measured: the day of sprouting, and the share that sprouted. */
export const SPROUTING = ['sprouted', 'share-up'] as const;
export type Follow = (typeof FOLLOWS)[number] | (typeof SPROUTING)[number];

export type When =
  | { kind: 'day'; day: IsoDay }
  | { kind: 'age'; age: number }
  | { kind: 'between'; from: IsoDay; to: IsoDay }
  | { kind: 'course' }
  | { kind: 'end' };

export const BETWEENS = ['treatments', 'doses', 'factors', 'teams', 'kinds', 'ages', 'classes', 'earlier', 'predicted'] as const;
export type Between = (typeof BETWEENS)[number];

export const MARKS = ['container', 'plant', 'team'] as const;
export type MarkPer = (typeof MARKS)[number];

/** What a plant that was taken out on purpose, or moved away, counts as: nothing, or what was last found of it. */
export type AfterRemoval = 'exclude' | 'carry';

export type Doubts = 'kept' | 'left-out';

/** A question of a class to its records. The same question has the same answer on every device. */
export interface Question extends Omit<CountingPolicies, 'report'> {
  report: Reported;
  /** Code of a measure; empty for sprouting. */
  measure: string;
  follow: Follow;
  /** What was to be reached: a choice's code, or a number in the stored unit; empty elsewhere. */
  reach: string;
  when: When;
  between: Between;
  mark: MarkPer;
  afterRemoval: AfterRemoval;
  /** Readings about which a question is still open: in the numbers, or left out to see what it would be without them. */
  doubts: Doubts;
  /** Ids of other investigations that are taken in. */
  withOthers: readonly string[];
}

/** What is asked of a day where nobody says otherwise: values of treatments, with what cannot be measured left out. */
export const valuesOnDay = (measure: string, day: IsoDay): Question => ({
  measure,
  follow: 'value',
  reach: '',
  when: { kind: 'day', day },
  between: 'treatments',
  mark: 'container',
  beforeSprouting: 'exclude',
  afterLoss: 'exclude',
  afterRemoval: 'exclude',
  doubts: 'kept',
  report: 'container-mean',
  withOthers: [],
});

/** True where the answer is a day on which something happened, known as an interval between two looks. */
export const isTime = ({ follow }: Pick<Question, 'follow'>): boolean => follow === 'sprouted' || follow === 'reached';

/** True where the answer needs more than one look. */
export const needsCourse = ({ follow }: Pick<Question, 'follow'>): boolean => follow !== 'value' && follow !== 'share-up';
