import { followNo, followsOf, orderedMeasures } from '@bright-sprout/core/compare/askable';
import { reachesOf } from '@bright-sprout/core/compare/settled';
import { type Follow, type Question } from '@bright-sprout/core/compare/question';
import { reachWords } from '@bright-sprout/core/compare/shown';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { capital } from '@bright-sprout/core/words/capital';
import { RuledWord } from '../../../page/RuledWord';
import { shownFor } from '../../../compare/questionWords';
import { type SentenceProps } from './sentenceProps';

const DETAIL: Partial<Record<Follow, string>> = {
  change: 'From one day to another.',
  'per-day': 'The change, shared over the days between.',
  'relative-rate': 'In percent of what is there: small plants can grow faster.',
  area: 'Large and long together, in one number.',
  highest: 'Whenever it was.',
  sprouted: 'Known to lie between two looks.',
};

const valueOf = ({ measure, follow }: Pick<Question, 'measure' | 'follow'>) =>
  follow === 'sprouted' || follow === 'share-up' ? follow : `${measure} ${follow}`;

/** What is compared: every measure, what follows from it, and what the looks tell by themselves. */
export function WhatWord({ investigation, askable, question, measure, onAsk }: SentenceProps) {
  const named = (m: Measure, follow: Follow) =>
    follow === 'reached'
      ? `days until a ${m.name} is reached`
      : shownFor({ ...question, measure: m.code, follow }, m, investigation, askable.records).name;
  const choices = [
    ...(['sprouted', 'share-up'] as const).map((follow, i) => ({
      value: follow as string,
      label: named(measure, follow),
      detail: DETAIL[follow],
      no: followNo(follow, askable),
      heading: i === 0 ? 'Coming up' : undefined,
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
      <RuledWord name="What is compared" value={valueOf(question)} choices={choices} onChoose={choose} />
      {question.follow === 'reached' && (
        <>
          {' '}
          (
          <RuledWord
            name="What is to be reached"
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
