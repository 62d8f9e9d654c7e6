import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { followNo, followsOf, orderedMeasures } from '@bright-sprout/core/compare/askable';
import { reachesOf } from '@bright-sprout/core/compare/settled';
import { type Follow, type Question } from '@bright-sprout/core/compare/question';
import { reachWords } from '@bright-sprout/core/compare/shown';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { capital } from '@bright-sprout/core/words/capital';
import { RuledWord } from '../../../page/RuledWord';
import { shownFor } from '../../../compare/questionWords';
import { type SentenceProps } from './sentenceProps';

const DETAIL: Partial<Record<Follow, string>> = spoken({
  change: 'compare.dayAnother',
  'per-day': 'compare.changeSharedOverDays',
  'relative-rate': 'compare.percentSmallPlantsGrow',
  area: 'compare.largeLongTogetherNumber',
  highest: 'compare.wheneverItWas',
  sprouted: 'compare.knownLieBetweenTwo',
});

const valueOf = ({ measure, follow }: Pick<Question, 'measure' | 'follow'>) =>
  follow === 'sprouted' || follow === 'share-up' ? follow : `${measure} ${follow}`;

/** What is compared: every measure, what follows from it, and what the looks tell by themselves. */
export function WhatWord({ investigation, askable, question, measure, onAsk }: SentenceProps) {
  const named = (m: Measure, follow: Follow) =>
    follow === 'reached'
      ? say('compare.daysUntilReached', { name: m.name })
      : shownFor({ ...question, measure: m.code, follow }, m, investigation, askable.records).name;
  const choices = [
    ...(['sprouted', 'share-up'] as const).map((follow, i) => ({
      value: follow as string,
      label: named(measure, follow),
      detail: DETAIL[follow],
      no: followNo(follow, askable),
      heading: i === 0 ? say('compare.comingUp') : undefined,
    })),
    ...orderedMeasures(askable).flatMap((m) =>
      followsOf(m).map((follow, i) => ({
        value: valueOf({ measure: m.code, follow }),
        label: named(m, follow),
        detail: DETAIL[follow],
        no: followNo(follow, askable),
        heading: i === 0 ? capital(m.name) : undefined,
      })),
    ),
  ];
  const choose = (value: string) => {
    if (value === 'sprouted' || value === 'share-up') return onAsk({ follow: value });
    const [code, follow] = value.split(' ');
    onAsk({ measure: code!, follow: follow as Follow });
  };
  return (
    <>
      <RuledWord name={say('compare.whatIsCompared')} value={valueOf(question)} choices={choices} onChoose={choose} />
      {question.follow === 'reached' && (
        <>
          {' '}
          (
          <RuledWord
            name={say('compare.whatIsToBe')}
            value={question.reach}
            choices={[...new Set([...reachesOf(measure, askable), question.reach])]
              .filter(Boolean)
              .map((value) => ({ value, label: reachWords(measure, value, investigation.resolution) }))}
            onChoose={(reach) => onAsk({ reach })}
          />
          )
        </>
      )}
    </>
  );
}
