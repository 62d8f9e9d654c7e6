import { type Shown } from '@bright-sprout/core/compare/shown';
import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { leftOver } from '@bright-sprout/core/compare/causes/placeCause';
import { couldHaveShown, textbook } from '@bright-sprout/core/compare/textbook';
import { isTime } from '@bright-sprout/core/compare/question';
import { plural } from '@bright-sprout/core/words/plural';
import { useCallback, useMemo } from 'react';
import { ChartFigure } from '../../../compare/figures/ChartFigure';
import { residualsChart } from '../../../compare/figures/linesChart';
import { Numbers } from '../../../compare/figures/otherTables';
import { dealtWithin, dealtWords, sayP, showP } from '@bright-sprout/core/claims/luckWords';
import { type CloserProps } from './closerProps';
import { CurvesPanel } from './CurvesPanel';

/** For those who want it: the model, its assumptions, the textbook's tests beside it, curves, and what this could have shown. */
export function WorkingPanel(props: CloserProps) {
  const { records, groups, question, shown, sureness, measure } = props;
  const { investigation } = records;
  const { containerName: container } = investigation;
  const left = useMemo(() => leftOver({ groups, question }), [groups, question]);
  const power = sureness && couldHaveShown(sureness, groups);
  return (
    <div className="working">
      <div className="columns">
        <div>
          <h3>{say('compare.modelSetDeals')}</h3>
          {sureness ? (
            <p>
              {say('compare.howItIsWorkedOut', {
                between: question.between,
                containers: sureness.containers,
                container: plural(container),
                blocks: sureness.blocks,
                within: dealtWithin(sureness, question),
                df: sureness.df,
                spread: shown.words(sureness.spread),
                dealtWords: dealtWords(sureness, question),
                sayP: sayP(sureness.overall.p),
                f: decimal(sureness.overall.f, 2),
              })}
            </p>
          ) : (
            <p>{say('compare.modelQuestion')}</p>
          )}
          <h3>{say('compare.whatCouldThisHave')}</h3>
          <p>
            {power?.ok
              ? say('compare.spreadAboutTrueDifference', {
                  containers: power.containers,
                  container: plural(container),
                  shown: shown.size(power.difference) || shown.number(power.difference),
                })
              : (power?.reason ?? say('compare.spreadJudge'))}
          </p>
        </div>
        {left && <Residuals left={left} shown={shown} container={container} spread={sureness?.spreadRatio ?? 0} />}
      </div>
      <TextbookTests {...props} />
      {!isTime(question) && (measure.quantity === 'length' || measure.quantity === 'mass' || measure.quantity === 'count') && (
        <CurvesPanel {...props} />
      )}
    </div>
  );
}

/** What the model leaves of each container, over what it expects of it. */
function Residuals({
  left,
  shown,
  container,
  spread,
}: {
  left: NonNullable<ReturnType<typeof leftOver>>;
  shown: Shown;
  container: string;
  spread: number;
}) {
  const chart = useCallback(
    (narrow: boolean) =>
      residualsChart(
        left.map((l) => ({
          fitted: l.fitted,
          residual: l.residual,
          code: l.container.code,
          treatment: l.group.treatment.code,
        })),
        shown,
        narrow,
      ),
    [left, shown],
  );
  return (
    <div>
      <h3>{say('compare.assumptionsLookRight')}</h3>
      <ChartFigure
        chart={chart}
        height={280}
        name="residuals"
        summary={say('compare.residualsOverExpectedValues', { countLeft: left.length, container: plural(container) })}
        caption={say('compare.evenCloudAboutZero', {
          ratio: spread > 10 ? say('compare.moreThan') : decimal(spread, 1),
          hasRatio: spread > 0,
        })}
        table={
          <Numbers heads={[say('common.container'), say('compare.expected'), say('compare.left')]}>
            {left.map((l) => (
              <tr key={l.container.id}>
                <th scope="row">{l.container.code}</th>
                <td>{shown.words(l.fitted)}</td>
                <td>{shown.signed(l.residual)}</td>
              </tr>
            ))}
          </Numbers>
        }
      />
    </div>
  );
}

function TextbookTests({ groups, question, records: { investigation }, shown }: CloserProps) {
  const lines = useMemo(
    () => textbook(groups, question, investigation.design, shown.signed),
    [groups, question, investigation.design, shown],
  );
  return (
    <>
      <h3>{say('compare.textbooksTestsSideSide')}</h3>
      <p className="second">{say('compare.askSameQuestionOther')}</p>
      <div className="table-responsive">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">{say('compare.test')}</th>
              <th scope="col">{say('compare.ofTitle')}</th>
              <th scope="col">{say('compare.statistic')}</th>
              <th scope="col">p</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((l) => (
              <tr key={`${l.name} ${l.of}`}>
                <th scope="row">{l.name}</th>
                <td>{l.of}</td>
                <td>{l.reason ?? l.statistic}</td>
                <td>{l.p === null ? '–' : showP(l.p)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
