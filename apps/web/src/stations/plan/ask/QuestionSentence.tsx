import { spoken } from '@bright-sprout/words/spoken';
import { askedAs, type QuestionWord } from '@bright-sprout/core/plan/question/askedAs';
import { type ReactNode } from 'react';
import { WordPanel } from '../../../page/WordPanel';
import { type PartProps } from '../partProps';
import { ChecksPanel } from './panels/ChecksPanel';
import { ContainersPanel } from './panels/ContainersPanel';
import { FactorPanel } from './panels/FactorPanel';
import { LevelsPanel } from './panels/LevelsPanel';
import { MeasuresPanel } from './panels/MeasuresPanel';
import { SeedNumbers } from './panels/SeedNumbers';
import { SeedPanel } from './panels/SeedPanel';

const NAMES: Record<string, string> = spoken({
  measures: 'plannerAsk.whatIsMeasured',
  seed: 'plannerAsk.kindSeed',
  seeds: 'plannerAsk.seedsInEach',
  containers: 'common.containers',
  checks: 'plannerAsk.daysLooking',
  factor: 'plannerAsk.whatIsChanged',
  levels: 'plannerAsk.stepsOfIt',
  both: 'plannerAsk.changedSteps',
});

/** Fields of problems that stand behind a word. */
const BEHIND: Record<string, readonly string[]> = {
  seed: ['speciesId'],
  seeds: ['seedsEach', 'keep'],
  containers: ['containersEach', 'methodId', 'fillMl'],
  checks: ['cadence'],
};

/** The plan as the sentence that it answers; each ruled word opens what it can be changed to. */
export function QuestionSentence(props: PartProps) {
  const { plan, problems } = props;
  return (
    <div className="asked-as">
      {askedAs(plan).map(({ text, opens }, i) =>
        opens === null ? (
          <span key={`${i}${text}`}>{text}</span>
        ) : (
          <WordPanel
            key={opens}
            name={`${NAMES[opens.split('-')[0]!]!}: ${text}`}
            word={text}
            wrong={problems.some((p) => isBehind(opens, p.field))}
            wide={opens !== 'checks' && opens !== 'seeds'}
          >
            {panelOf(opens, props)}
          </WordPanel>
        ),
      )}
    </div>
  );
}

function isBehind(word: QuestionWord, field: string): boolean {
  const [what, index] = word.split('-');
  if (index === undefined) return BEHIND[what!]?.includes(field) ?? false;
  const levels = field.startsWith(`factors.${index}.levels`);
  return what === 'both' ? field.startsWith(`factors.${index}`) : what === 'levels' ? levels : field === `factors.${index}.name`;
}

function panelOf(word: QuestionWord, props: PartProps): ReactNode {
  const [what, index] = word.split('-');
  if (what === 'measures') return <MeasuresPanel {...props} />;
  if (what === 'seed') return <SeedPanel {...props} />;
  if (what === 'seeds') return <SeedNumbers {...props} />;
  if (what === 'containers') return <ContainersPanel {...props} />;
  if (what === 'checks') return <ChecksPanel {...props} />;
  return (
    <>
      {what !== 'factor' && <LevelsPanel {...props} index={Number(index)} />}
      {what !== 'levels' && <FactorPanel {...props} index={Number(index)} />}
    </>
  );
}
