import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Askable } from '@bright-sprout/core/compare/askable';
import { type Question } from '@bright-sprout/core/compare/question';
import { type Measure } from '@bright-sprout/core/measures/measure';

/** What every word of the sentence is given. */
export interface SentenceProps {
  investigation: InvestigationView;
  askable: Askable;
  question: Question;
  measure: Measure;
  onAsk: (change: Partial<Question>) => void;
  /** Looks at another day of the tape. */
  onLook?: (day: IsoDay) => void;
}
