import { inOneLine } from '@bright-sprout/core/words/inOneLine';
import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Group, type GroupedRecords } from '@bright-sprout/core/compare/groups';
import { doseLine } from '@bright-sprout/core/compare/figures/doseLine';
import { fitOfStair, sproutStairs } from '@bright-sprout/core/compare/figures/sproutSteps';
import { stageShares } from '@bright-sprout/core/compare/figures/stageShares';
import { isTime, type Question } from '@bright-sprout/core/compare/question';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Sureness } from '@bright-sprout/core/compare/sureness';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { recordedDays } from '@bright-sprout/core/readings/standing';
import { plural } from '@bright-sprout/core/words/plural';
import { useMemo } from 'react';
import { habitOf } from '../records/habitOf';
import { CrossedFigure } from './figures/CrossedFigure';
import { DoseFigure } from './figures/DoseFigure';
import { EarlyPlants, SeedStacks, SproutDays } from './figures/EarlyFigure';
import { FigureFrame } from './figures/FigureFrame';
import { INK } from './figures/figureKit';
import { MarksFigure } from './figures/MarksFigure';
import { NumbersTable } from './figures/NumbersTable';
import { PredictedFigure } from './figures/PredictedFigure';
import { PredictedTable, SproutTable, StagesTable } from './figures/otherTables';
import { SproutFigure } from './figures/SproutFigure';
import { StagesFigure } from './figures/StagesFigure';
import { predictedOf } from './predictedOf';
import { figureSummary } from './questionWords';
import './figures/compareFigure.scss';

export interface AnswerProps {
  records: InvestigationRecords;
  compared: GroupedRecords;
  question: Question;
  measure: Measure;
  groups: readonly Group[];
  shown: Shown;
  /** Worked out beside the page; null until it is. */
  sureness: Sureness | null;
}

/** Name of a figure's files: the question in small letters. */
const fileName = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60);

/** The figure that suits a question. */
export function AnswerFigure(props: AnswerProps) {
  const { records, question, groups, shown, measure } = props;
  const { investigation } = records;
  const early = investigation.class.gradeBand === 'early';
  const habit = (code: string) => habitOf(investigation, { treatment: code });
  const summary = figureSummary(question, shown, investigation, groups);
  const name = fileName(`${shown.name} ${question.between}`);
  const container = investigation.containerName;
  if (question.between === 'predicted') return <Predicted {...props} name={name} />;
  if (isTime(question)) return <Sprouting {...props} summary={summary} name={name} />;
  const frame = { summary, name, table: <NumbersTable groups={groups} shown={shown} /> };
  if (early && shown.drawsPlants)
    return (
      <FigureFrame {...frame} caption={say('compare.everyPlantStoodSmall')}>
        {(width) => <EarlyPlants width={width} groups={groups} shown={shown} habitOf={habit} />}
      </FigureFrame>
    );
  if (early && (question.follow === 'share-up' || measure.summedUp === 'share-of-seeds'))
    return (
      <FigureFrame {...frame} caption={say('compare.pictureSeedGreenCame')}>
        {(width) => <SeedStacks width={width} groups={groups} />}
      </FigureFrame>
    );
  if (shown.ranks) {
    const rows = stageShares(groups, measure);
    return (
      <FigureFrame
        {...frame}
        table={<StagesTable rows={rows} />}
        caption={say('compare.manyStoodOrder', { container: plural(question.mark === 'container' ? container : question.mark) })}
      >
        {(width) => <StagesFigure width={width} rows={rows} />}
      </FigureFrame>
    );
  }
  const plants = shown.drawsPlants ? say('compare.besideGroupMiddlePlant') : '';
  if (question.between === 'factors' && investigation.design)
    return (
      <FigureFrame {...frame} caption={inOneLine(plants, say('compare.thickThinMeansDashed'))}>
        {(width) => (
          <CrossedFigure
            width={width}
            groups={groups}
            shown={shown}
            container={container}
            design={investigation.design!}
            habitOf={habit}
            within={simpleEffects(props.sureness)}
          />
        )}
      </FigureFrame>
    );
  const dose = question.between === 'doses' ? doseLine(groups, investigation.design) : null;
  const bracket = say('compare.bracketIntervalMeanUnder', { container: plural(container) });
  if (dose)
    return (
      <FigureFrame
        {...frame}
        caption={inOneLine(
          plants,
          say('compare.lineStraightThroughBand', {
            container: plural(container),
            below: dose.step?.below,
            from: dose.step?.from,
            unit: dose.unit,
            step: Boolean(dose.step),
          }),
          bracket,
        )}
      >
        {(width) => <DoseFigure width={width} groups={groups} shown={shown} container={container} dose={dose} habitOf={habit} />}
      </FigureFrame>
    );
  const ages = question.between === 'ages' ? agesOf(groups, question, recordedDays(records.readings)) : undefined;
  return (
    <FigureFrame {...frame} caption={inOneLine(plants, bracket)}>
      {(width) => (
        <MarksFigure
          width={width}
          groups={groups}
          shown={shown}
          container={container}
          habitOf={habit}
          amounts={ages}
          along={ages && say('compare.daysOld')}
          behind={ages && ((x, y) => <MeansLine points={agesMeans(groups, ages, shown)} x={x} y={y} />)}
        />
      )}
    </FigureFrame>
  );
}

/** What the first of two crossed things does at each level of the second. */
function simpleEffects(sureness: Sureness | null): readonly [number, number] | null {
  const [a, b] = ['1@0', '1@1'].map((key) => sureness?.contrasts.find((c) => c.key === key)?.estimate);
  return a === undefined || b === undefined ? null : [a, b];
}

/** Ages of the groups of a ladder on the day asked about. */
function agesOf(groups: readonly Group[], question: Question, days: readonly IsoDay[]): number[] {
  const day = question.when.kind === 'day' ? question.when.day : days[days.length - 1]!;
  return groups.map((g) => daysBetween(g.key, day));
}

function Sprouting({ records, compared, question, measure, summary, name }: AnswerProps & { summary: string; name: string }) {
  const { investigation } = records;
  const found = useMemo(() => sproutStairs(compared, measure, question), [compared, measure, question]);
  const band = investigation.class.gradeBand;
  const upper = band === 'upper';
  const fits = useMemo(() => (upper ? found.stairs.map(fitOfStair) : null), [upper, found]);
  const noun = found.seeds ? 'seeds' : plural(investigation.containerName);
  return (
    <FigureFrame
      summary={summary}
      name={name}
      caption={
        band === 'early'
          ? say('compare.pictureSeedUnderDay', { containerName: investigation.containerName, seeds: found.seeds })
          : say('compare.stepKnownOnlyLie', { fits: Boolean(fits), noun })
      }
      table={<SproutTable stairs={found.stairs} fits={fits} />}
    >
      {(width) =>
        band === 'early' ? (
          <SproutDays width={width} stairs={found.stairs} />
        ) : (
          <SproutFigure
            width={width}
            stairs={found.stairs}
            last={found.last}
            days={found.days}
            noun={noun}
            curves={fits?.map((f) => (f.ok ? f.shareUpBy : null))}
          />
        )
      }
    </FigureFrame>
  );
}

function Predicted({ records, compared, question, shown, name }: AnswerProps & { name: string }) {
  const { investigation } = records;
  const { rows, askedDay } = predictedOf(records, compared, question);
  const emblems = new Map(investigation.teams.map((t) => [t.nickname, t.emblem]));
  return (
    <FigureFrame
      name={name}
      summary={say('compare.teamPredictedTallestPlant', {
        rows: rows
          .map(
            (r) =>
              `${r.team} ${shown.words(r.predicted)}, ${r.came === null ? say('compare.noneMeasured') : shown.words(r.came)}`,
          )
          .join('; '),
      })}
      caption={say('compare.pegTeamSaidBefore', { askedDay, noAskedDay: askedDay === null })}
      table={<PredictedTable rows={rows} shown={shown} />}
    >
      {(width) => <PredictedFigure width={width} rows={rows} shown={shown} habit={investigation.habit} emblems={emblems} />}
    </FigureFrame>
  );
}

function agesMeans(groups: readonly Group[], ages: readonly number[], shown: Shown): [number, number][] {
  return groups
    .flatMap((g, i): [number, number][] => (g.summary.ok ? [[ages[i]!, shown.inUnit(g.summary.mean)]] : []))
    .sort((a, b) => a[0] - b[0]);
}

/** The course that a ladder shows in one lesson: through the means of its ages. */
function MeansLine({
  points,
  x,
  y,
}: {
  points: readonly [number, number][];
  x: (age: number) => number;
  y: (value: number) => number;
}) {
  return (
    <path
      d={points.map(([age, value], i) => `${i ? 'L' : 'M'}${x(age)} ${y(value)}`).join('')}
      fill="none"
      stroke={INK}
      strokeWidth="1.6"
    />
  );
}
