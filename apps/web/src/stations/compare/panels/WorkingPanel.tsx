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
  const lines = useMemo(
    () => textbook(groups, question, investigation.design, shown.signed),
    [groups, question, investigation.design, shown],
  );
  const left = useMemo(() => leftOver({ groups, question }), [groups, question]);
  const chart = useCallback(
    (narrow: boolean) =>
      residualsChart(
        (left ?? []).map((l) => ({
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
  const within = sureness && dealtWithin(sureness, question);
  const power = sureness && couldHaveShown(sureness, groups);
  return (
    <div className="working">
      <div className="columns">
        <div>
          <h3>One model, one set of deals</h3>
          {sureness ? (
            <p>
              Value = {within === null ? '' : `${within.slice(0, -1)} + `}
              {question.between === 'teams' ? 'team' : 'treatment'}, over {sureness.containers} {plural(container)}
              {within !== null && ` in ${sureness.blocks} ${within}`}; {sureness.df} degrees of freedom are left, and a spread of{' '}
              {shown.words(sureness.spread)}. The statistic of each difference is its estimate
              {within !== null && ` within ${within}`} over its standard error. Of {dealtWords(sureness, question)}, a share of{' '}
              {sayP(sureness.overall.p)} gives an F at least as large as {sureness.overall.f.toFixed(2)} for all that is compared.
              Each interval is the estimate ± the 95 % point of the greatest statistic times its standard error.
            </p>
          ) : (
            <p>There is no model of this question.</p>
          )}
          <h3>What could this have shown?</h3>
          <p>
            {power?.ok
              ? `With this spread and about ${power.containers} ${plural(container)} of each, a true difference of ${shown.size(power.difference) || shown.number(power.difference)} would show in four of five classes (t approximation, 5 %, two-sided). Smaller ones would mostly be missed.`
              : (power?.reason ?? 'There is no spread to judge by.')}
          </p>
        </div>
        {left && (
          <div>
            <h3>Do the assumptions look right?</h3>
            <ChartFigure
              chart={chart}
              height={280}
              name="residuals"
              summary={`Residuals of ${left.length} ${plural(container)} over their expected values.`}
              caption={`An even cloud about zero is as it should be; a funnel says that spreads differ${sureness?.spreadRatio ? ` (largest spread of a treatment over the smallest: ${sureness.spreadRatio > 10 ? 'more than 10' : sureness.spreadRatio.toFixed(1)})` : ''}. Each treatment’s own spread is used.`}
              table={
                <Numbers heads={['Container', 'Expected', 'Left']}>
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
        )}
      </div>
      <h3>The textbook’s tests, side by side</h3>
      <p className="second">
        They ask the same question with other assumptions. The page’s own answer stays the one of the deals.
      </p>
      <div className="table-responsive">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Test</th>
              <th scope="col">Of</th>
              <th scope="col">Statistic</th>
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
      {!isTime(question) && (measure.quantity === 'length' || measure.quantity === 'mass' || measure.quantity === 'count') && (
        <CurvesPanel {...props} />
      )}
    </div>
  );
}
