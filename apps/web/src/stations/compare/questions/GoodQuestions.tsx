import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Askable } from '@bright-sprout/core/compare/askable';
import { goodQuestions } from '@bright-sprout/core/compare/goodQuestions';
import { type Question } from '@bright-sprout/core/compare/question';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { shortQuestion } from '../../../compare/questionWords';

/** Questions that suit this kind of experiment, each one press away. */
export function GoodQuestions({
  askable,
  day,
  question,
  investigation,
  searchOf,
}: {
  askable: Askable;
  day: IsoDay;
  question: Question;
  investigation: InvestigationView;
  searchOf: (question: Question) => string;
}) {
  const good = useMemo(() => goodQuestions(askable, day), [askable, day]);
  const now = JSON.stringify(question);
  return (
    <section className="section">
      <h2>{say('compare.askNext')}</h2>
      <ul className="question-list">
        {good.map((q) => {
          const measure = askable.measures.find((m) => m.code === q.measure)!;
          const words = shortQuestion(q, measure, investigation, askable.records);
          return <li key={words}>{JSON.stringify(q) === now ? <b>{words}</b> : <Link to={`?${searchOf(q)}`}>{words}</Link>}</li>;
        })}
      </ul>
    </section>
  );
}
