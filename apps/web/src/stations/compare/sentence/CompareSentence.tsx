import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../../words/Say';
import { type ReactNode } from 'react';
import { betweenNo, countsAsZero, markNo, reportNo } from '@bright-sprout/core/compare/askable';
import { BETWEENS, isTime, MARKS, type MarkPer, type Question } from '@bright-sprout/core/compare/question';
import { type Reported } from '@bright-sprout/core/measures/sumUp';
import { nounOf } from '@bright-sprout/core/words/plural';
import { betweenWords, kindOf } from '../../../compare/questionWords';
import { RuledWord } from '../../../page/RuledWord';
import { type SentenceProps } from './sentenceProps';
import { WhatWord } from './WhatWord';
import { WhenWords } from './WhenWords';

const MARK_DETAIL: Record<MarkPer, string> = spoken({
  container: 'compare.treatedCountsOnce',
  plant: 'compare.seedlingSeenSureStill',
  team: 'compare.meanTeamsContainers',
});

/** The question that is answered, as a sentence whose words open. What makes no sense beside the others says why. */
export function CompareSentence(props: SentenceProps) {
  const { investigation, askable, question, onAsk } = props;
  const { containerName } = investigation;
  const offered = BETWEENS.filter(
    (b) => b === question.between || betweenNo(b, question, askable) === null || ALWAYS_SHOWN.has(b),
  );
  const asked = {
    what: <WhatWord {...props} />,
    when: <WhenWords {...props} />,
    between: <BetweenWord {...props} offered={offered} />,
    kind: kindOf(investigation),
    b: (inside: ReactNode) => <b>{inside}</b>,
  };
  const counting = !isTime(question) && question.follow !== 'share-up';
  return (
    <div className="ruled-sentence">
      {question.between === 'predicted' ? (
        <Say it="compare.howWellForeseen" {...asked} />
      ) : (
        <Say
          it="compare.howItDiffers"
          {...asked}
          overTime={isTime(question)}
          mark={
            <RuledWord
              name={say('compare.markPer')}
              value={question.mark}
              choices={MARKS.map((value) => ({
                value,
                label: value === 'container' ? containerName : nounOf(value),
                detail: MARK_DETAIL[value],
                no: markNo(value, question, askable),
              }))}
              onChoose={(mark) => onAsk({ mark })}
            />
          }
          asksReport={question.mark === 'container' && askable.several && reportNo('tallest', question, askable) === null}
          report={<ReportWord {...props} />}
          asksNotUp={counting && props.measure.quantity !== 'count-of' && question.follow !== 'area'}
          notUp={<NotUpWord {...props} />}
          asksLost={counting}
          lost={<LostWord {...props} />}
          asksTakenOut={counting && askable.records.readings.some((r) => r.state === 'thinned' || r.state === 'moved')}
          takenOut={<TakenOutWord {...props} />}
        />
      )}
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
      name={say('compare.betweenWhat')}
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
  const label: Record<Reported, string> = {
    'container-mean': say('compare.meanPlants'),
    tallest: say('compare.greatestPlants'),
    total: say('compare.allItsPlantsTogether'),
  };
  return (
    <RuledWord
      name={say('compare.severalPlants', { containerName: investigation.containerName })}
      value={question.report}
      choices={(['container-mean', 'tallest', 'total'] as const).map((value) => ({
        value,
        label: label[value],
        detail: value === 'total' ? say('compare.perContainerCrowdedPlants') : undefined,
        no: reportNo(value, question, askable),
      }))}
      onChoose={(report) => onAsk({ report })}
    />
  );
}

// What counts how that cannot be measured. Only what can change the answer is asked.

function NotUpWord({ question, measure, onAsk }: SentenceProps) {
  return (
    <RuledWord
      name={say('compare.notUpYet')}
      value={question.beforeSprouting}
      choices={[
        { value: 'exclude', label: say('common.leftOut'), detail: say('compare.meanNameStandsBelow') },
        {
          value: 'zero',
          label: say('compare.countedZero'),
          detail: say('compare.pullsMeanDownOnly'),
          no: countsAsZero(question, measure),
        },
      ]}
      onChoose={(beforeSprouting) => onAsk({ beforeSprouting })}
    />
  );
}

function LostWord({ question, measure, onAsk }: SentenceProps) {
  return (
    <RuledWord
      name={say('compare.lost')}
      value={question.afterLoss}
      choices={[
        { value: 'exclude', label: say('common.leftOut'), detail: say('compare.leavesMeansNameStands') },
        { value: 'carry', label: say('compare.keptLastSeen'), detail: say('compare.lastValueCarried') },
        {
          value: 'zero',
          label: say('compare.countedZero'),
          detail: say('compare.lossPullsMeanDown'),
          no: question.follow === 'highest' ? say('compare.onceValue') : countsAsZero(question, measure),
        },
      ]}
      onChoose={(afterLoss) => onAsk({ afterLoss })}
    />
  );
}

function TakenOutWord({ question, onAsk }: SentenceProps) {
  return (
    <RuledWord
      name={say('compare.takenPurpose')}
      value={question.afterRemoval}
      choices={[
        { value: 'exclude', label: say('common.leftOut'), detail: say('compare.dieRecordJustEnds') },
        { value: 'carry', label: say('compare.keptLastSeen'), detail: say('compare.lastValueCarried') },
      ]}
      onChoose={(afterRemoval) => onAsk({ afterRemoval })}
    />
  );
}
