import { say } from '@bright-sprout/words/say';
import { type Measure, measure, type Quantity } from './measure';

/** A measure that a teacher defined or a table brought, as it is kept with its plan or investigation. */
export interface OwnMeasure {
  code: string;
  name: string;
  quantity: Quantity;
  of: 'plant' | 'container';
  /** Of a number; empty for others. */
  unit: string;
  least: number | null;
  most: number | null;
  /** Of a stage, grade or choice: in their order. */
  choices: string[];
  /** Words for a difference; empty for `more` and `less`. */
  more: string;
  less: string;
}

/** An empty definition under a code. */
export function newOwnMeasure(code: string): OwnMeasure {
  return { code, name: '', quantity: 'number', of: 'plant', unit: '', least: null, most: null, choices: [], more: '', less: '' };
}

const UNIT: Partial<Record<Quantity, string>> = { length: 'mm', mass: 'g', share: '%' };
const SHOWN_IN: Partial<Record<Quantity, Measure['shownIn']>> = { length: ['mm', 'cm', 'in'], mass: ['g', 'mg'] };

/** The same thing as a built-in measure. */
export function asMeasure(own: OwnMeasure): Measure {
  const { code, name, quantity, of } = own;
  const chosen = quantity === 'stage' || quantity === 'grade' || quantity === 'choice';
  const unit = UNIT[quantity] ?? (quantity === 'number' ? own.unit : '');
  const least = own.least ?? (quantity === 'number' ? null : 0);
  const most = own.most ?? (quantity === 'share' ? 100 : null);
  return measure({
    code,
    name,
    question: () => `${name.charAt(0).toUpperCase()}${name.slice(1)}`,
    quantity,
    of,
    unit,
    shownIn: SHOWN_IN[quantity] ?? [],
    ...(chosen ? { choices: own.choices.map((words) => ({ code: words, words })) } : {}),
    ...(quantity === 'count' || quantity === 'count-of' ? { step: 1 } : {}),
    least: chosen ? null : least,
    most: chosen ? null : most,
    beyond: beyondWords(name, unit, least, most),
    summedUp: chosen ? 'order' : quantity === 'count-of' ? 'share-of-seeds' : 'mean',
    more: own.more || say('measures.higherIn', { name }),
    less: own.less || say('measures.lowerIn', { name }),
    plausibility: quantity === 'count-of' ? 'sown' : chosen || quantity === 'count' ? 'none' : 'slip',
  });
}

function beyondWords(name: string, unit: string, least: number | null, most: number | null): string {
  const with_ = (n: number) => `${n}${unit && ` ${unit}`}`;
  if (least !== null && most !== null) return say('measures.isFromTo', { name, least, with: with_(most) });
  if (least !== null) return say('measures.isAtLeast', { name, with: with_(least) });
  return most === null ? '' : say('measures.isAtMost', { name, with: with_(most) });
}
