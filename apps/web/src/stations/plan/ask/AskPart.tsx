import { type PartProps } from '../partProps';
import { Alike } from './alike/Alike';
import { QuestionSentence } from './QuestionSentence';
import { TreatmentRow } from './treatments/TreatmentRow';

/** The plan as the sentence that answers its question, and every treatment drawn. */
export function AskPart(props: PartProps) {
  const { problems } = props;
  return (
    <>
      <QuestionSentence {...props} />
      {problems
        .filter((p) => p.field === 'question' || p.field.startsWith('factors'))
        .map((p) => (
          <div key={p.field + p.sentence} className="invalid-feedback d-block">
            {p.sentence}
          </div>
        ))}
      {props.plan.factors.length > 1 ? (
        <div className="asked-crossed">
          <TreatmentRow {...props} />
          <Alike {...props} />
        </div>
      ) : (
        <TreatmentRow {...props} />
      )}
    </>
  );
}
