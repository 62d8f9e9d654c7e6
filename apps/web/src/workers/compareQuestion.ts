import { type Cause, type CauseFacts } from '@bright-sprout/core/compare/causes/cause';
import { type Group, type GroupedRecords } from '@bright-sprout/core/compare/groups';
import { type Question } from '@bright-sprout/core/compare/question';
import { type Sureness } from '@bright-sprout/core/compare/sureness';
import { type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { type Result } from '@bright-sprout/core/result/result';

/** Records cross to the worker once, and are named by a number from then on. */
export interface RecordsMessage {
  kind: 'records';
  key: number;
  records: GroupedRecords;
}

/** A measure crosses by its code: its words are functions. */
export interface QuestionMessage {
  kind: 'question';
  number: number;
  records: number;
  /** The marks of the question in their groups, as the page shows them. */
  groups: readonly Group[];
  question: Question;
  own: readonly OwnMeasure[];
  facts: Omit<CauseFacts, 'groups' | 'records' | 'question' | 'measure' | 'sureness'>;
}

export type CompareMessage = RecordsMessage | QuestionMessage;

export interface CompareAnswer {
  sureness: Result<Sureness>;
  causes: Cause[];
}

/** How far it is, or the answer; the number ties it to its question. */
export type AnswerMessage = { number: number; share: number } | { number: number; answer: CompareAnswer; milliseconds: number };
