import { say } from '@bright-sprout/words/say';
import { setting } from './planFields';
import { type PartProps } from './partProps';

/** The question in the class's own words, changed where it stands. */
export function QuestionField({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  return (
    <textarea
      className="asked-question"
      aria-label={say('planner.wantFind')}
      placeholder={say('planner.wantFind')}
      rows={1}
      maxLength={200}
      value={plan.question}
      aria-invalid={problems.some((p) => p.field === 'question')}
      onChange={(e) => change(setting({ question: e.target.value.replace(/\n/g, ' ') }))}
    />
  );
}
