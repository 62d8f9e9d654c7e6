import { betweenNo, countsAsZero, markNo, reportNo } from '@bright-sprout/core/compare/askable';
import { BETWEENS, isTime, MARKS, type MarkPer, type Question } from '@bright-sprout/core/compare/question';
import { type Reported } from '@bright-sprout/core/measures/sumUp';
import { betweenWords, kindOf } from '../../../compare/questionWords';
import { RuledWord } from '../../../page/RuledWord';
import { type SentenceProps } from './sentenceProps';
import { WhatWord } from './WhatWord';
import { WhenWords } from './WhenWords';

const MARK_DETAIL: Record<MarkPer, string> = {
  container: 'It was treated as one, so it counts once.',
  plant: 'Each seedling is seen; how sure it is still goes by containers.',
  team: 'The mean of each team’s containers.',
};

/** The question that is answered, as a sentence whose words open. What makes no sense beside the others says why. */
export function CompareSentence(props: SentenceProps) {
  const { investigation, askable, question, onAsk } = props;
  const { containerName } = investigation;
  const offered = BETWEENS.filter(
    (b) => b === question.between || betweenNo(b, question, askable) === null || ALWAYS_SHOWN.has(b),
  );
  return (
    <div className="ruled-sentence">
      {question.between === 'predicted' ? 'How well did teams foresee the ' : isTime(question) ? 'How do the ' : 'How does '}
      <WhatWord {...props} /> <WhenWords {...props} /> {question.between === 'predicted' ? 'of ' : 'differ by '}
      {question.between === 'predicted' ? (
        <>
          <b>{kindOf(investigation)}</b>: <BetweenWord {...props} offered={offered} />
        </>
      ) : (
        <>
          <BetweenWord {...props} offered={offered} /> for <b>{kindOf(investigation)}</b>, one mark per{' '}
          <RuledWord
            name="One mark per"
            value={question.mark}
            choices={MARKS.map((value) => ({
              value,
              label: value === 'container' ? containerName : value,
              detail: MARK_DETAIL[value],
              no: markNo(value, question, askable),
            }))}
            onChoose={(mark) => onAsk({ mark })}
          />
          <ReportWord {...props} />
          <CountingWords {...props} />
        </>
      )}
      ?
    </div>
  );
}

/** What a teacher may look for is listed even where it cannot be chosen, with its reason. */
const ALWAYS_SHOWN = new Set<Question['between']>(['treatments', 'teams', 'classes', 'earlier', 'predicted']);

function BetweenWord({
  investigation,
  askable,
  question,
  onAsk,
  offered,
}: SentenceProps & { offered: readonly Question['between'][] }) {
  return (
    <RuledWord
      name="Between what"
      value={question.between}
      choices={offered.map((value) => ({
        value,
        label: betweenWords(value, investigation),
        no: betweenNo(value, question, askable),
      }))}
      onChoose={(between) => onAsk({ between, withOthers: [] })}
    />
  );
}

/** How several plants of a container become its number. */
function ReportWord({ investigation, askable, question, onAsk }: SentenceProps) {
  if (question.mark !== 'container' || !askable.several || reportNo('tallest', question, askable) !== null) return null;
  const label: Record<Reported, string> = {
    'container-mean': 'the mean of its plants',
    tallest: 'the greatest of its plants',
    total: 'all its plants together',
  };
  return (
    <>
      ,{' '}
      <RuledWord
        name={`Several plants of a ${investigation.containerName}`}
        value={question.report}
        choices={(['container-mean', 'tallest', 'total'] as const).map((value) => ({
          value,
          label: label[value],
          detail: value === 'total' ? 'Per container: crowded plants may be small and still grow more together.' : undefined,
          no: reportNo(value, question, askable),
        }))}
        onChoose={(report) => onAsk({ report })}
      />
    </>
  );
}

/** What counts how that cannot be measured. Only what can change the answer is asked. */
function CountingWords({ question, measure, onAsk, askable }: SentenceProps) {
  if (isTime(question) || question.follow === 'share-up') return null;
  const noZero = countsAsZero(question, measure);
  const removed = askable.records.readings.some((r) => r.state === 'thinned' || r.state === 'moved');
  return (
    <>
      {measure.quantity !== 'count-of' && question.follow !== 'area' && (
        <>
          , not up{' '}
          <RuledWord
            name="Not up yet"
            value={question.beforeSprouting}
            choices={[
              { value: 'exclude', label: 'left out', detail: 'It is in no mean; its name stands below.' },
              {
                value: 'zero',
                label: 'counted as zero',
                detail: 'It pulls the mean down: that of all, not only of those that are up.',
                no: noZero,
              },
            ]}
            onChoose={(beforeSprouting) => onAsk({ beforeSprouting })}
          />
        </>
      )}
      , lost{' '}
      <RuledWord
        name="Lost"
        value={question.afterLoss}
        choices={[
          { value: 'exclude', label: 'left out', detail: 'It leaves the means from then on; its name stands below.' },
          { value: 'carry', label: 'kept as last seen', detail: 'Its last value is carried on.' },
          {
            value: 'zero',
            label: 'counted as zero',
            detail: 'A loss pulls the mean down.',
            no: question.follow === 'highest' ? 'it once had a value' : noZero,
          },
        ]}
        onChoose={(afterLoss) => onAsk({ afterLoss })}
      />
      {removed && (
        <>
          , taken out{' '}
          <RuledWord
            name="Taken out on purpose"
            value={question.afterRemoval}
            choices={[
              { value: 'exclude', label: 'left out', detail: 'It did not die: its record just ends.' },
              { value: 'carry', label: 'kept as last seen', detail: 'Its last value is carried on.' },
            ]}
            onChoose={(afterRemoval) => onAsk({ afterRemoval })}
          />
        </>
      )}
    </>
  );
}
