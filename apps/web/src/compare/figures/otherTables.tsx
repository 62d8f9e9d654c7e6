import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { type PredictedHeight } from '@bright-sprout/core/compare/figures/predicted';
import { type fitOfStair, type SproutStair } from '@bright-sprout/core/compare/figures/sproutSteps';
import { type StageShares } from '@bright-sprout/core/compare/figures/stageShares';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type ReactNode } from 'react';

/** A table that is opened under its figure. */
export function Numbers({ heads, children }: { heads: readonly string[]; children: ReactNode }) {
  return (
    <details className="mt-2">
      <summary>{say('compare.showNumbers')}</summary>
      <div className="table-responsive">
        <table className="table">
          <thead>
            <tr>
              {heads.map((h) => (
                <th key={h} scope="col">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>{children}</tbody>
        </table>
      </div>
    </details>
  );
}

/** Steps of the stairs, and the fitted t50 for those who have one. */
export function SproutTable({
  stairs,
  fits,
}: {
  stairs: readonly SproutStair[];
  fits: readonly ReturnType<typeof fitOfStair>[] | null;
}) {
  return (
    <Numbers
      heads={[
        say('compare.group'),
        say('compare.up'),
        say('compare.halfUp'),
        say('compare.betweenLooks'),
        ...(fits ? [say('compare.t50FittedCurve'), say('compare.interval')] : []),
      ]}
    >
      {stairs.map((s, i) => {
        const fit = fits?.[i];
        return (
          <tr key={s.key}>
            <th scope="row">{s.label}</th>
            <td>{say('compare.totalOfTotal', { total: s.total - s.never, whole: s.total })}</td>
            <td>{s.half ? say('compare.dayTo', { from: s.half[0], to: s.half[1] }) : say('compare.lastLook')}</td>
            <td>
              {s.steps.map((step) => say('compare.countDayTo', { count: step.count, from: step.from, to: step.to })).join(', ') ||
                '–'}
            </td>
            {fit && <td>{fit.ok ? say('compare.daysWith', { days: decimal(fit.t50, 1) }) : fit.reason}</td>}
            {fit && (
              <td>
                {fit.ok && fit.t50Interval
                  ? say('common.fromTo', { low: decimal(fit.t50Interval.low, 1), high: decimal(fit.t50Interval.high, 1) })
                  : '–'}
              </td>
            )}
          </tr>
        );
      })}
    </Numbers>
  );
}

export function StagesTable({ rows }: { rows: readonly StageShares[] }) {
  return (
    <Numbers heads={[say('compare.group'), ...(rows[0]?.shares.map((s) => s.words) ?? [])]}>
      {rows.map(({ group, shares, total }) => (
        <tr key={group.key}>
          <th scope="row">{group.label}</th>
          {shares.map((s) => (
            <td key={s.words}>{say('compare.countOfTotal', { count: s.count, total })}</td>
          ))}
        </tr>
      ))}
    </Numbers>
  );
}

export function PredictedTable({ rows, shown }: { rows: readonly PredictedHeight[]; shown: Shown }) {
  return (
    <Numbers heads={[say('common.team'), say('compare.predicted'), say('compare.came'), say('compare.difference')]}>
      {rows.map(({ team, predicted, came }) => (
        <tr key={team}>
          <th scope="row">{team}</th>
          <td>{shown.words(predicted)}</td>
          <td>{came === null ? say('compare.noneMeasured') : shown.words(came)}</td>
          <td>{came === null ? '–' : shown.signed(came - predicted)}</td>
        </tr>
      ))}
    </Numbers>
  );
}
