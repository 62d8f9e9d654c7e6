import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { addressIn } from '../../compare/addressIn';
import { questionAt } from '@bright-sprout/core/compare/address';
import { firstQuestion } from '@bright-sprout/core/compare/goodQuestions';
import { settled } from '@bright-sprout/core/compare/settled';
import { useMemo } from 'react';
import { AnswerFigure } from '../../compare/AnswerFigure';
import { shortQuestion } from '../../compare/questionWords';
import { ClaimWords } from '../../compare/sure/ClaimWords';
import { useQuestionAnswer } from '../../compare/useQuestionAnswer';
import { askableRecords } from '../../records/comparedRecords';

/** A question on the projector: its figure and what it says, as the teacher put it there. */
export function QuestionOnProjector({ records, day, address }: { records: InvestigationRecords; day: IsoDay; address: string }) {
  const askable = useMemo(() => askableRecords(records), [records]);
  const question = useMemo(() => {
    const search = new URLSearchParams(address);
    const told = search.get('day');
    const on = told !== null && askable.days.includes(told) ? told : day;
    return settled(questionAt(addressIn(search), firstQuestion(askable, on), on), askable, on);
  }, [address, askable, day]);
  const measure = askable.measures.find((m) => m.code === question.measure)!;
  const asked = { records, compared: askable.records, question, measure };
  const { groups, shown, claim, answer } = useQuestionAnswer(asked);
  return (
    <div className="screen-question">
      <h2>{shortQuestion(question, measure, records.investigation, askable.records)}</h2>
      <AnswerFigure {...asked} groups={groups} shown={shown} sureness={answer?.sureness.ok ? answer.sureness : null} />
      {claim && <ClaimWords claim={claim} />}
    </div>
  );
}
