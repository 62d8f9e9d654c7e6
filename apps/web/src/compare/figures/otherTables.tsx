import { type PredictedHeight } from '@bright-sprout/core/compare/figures/predicted';
import { type fitOfStair, type SproutStair } from '@bright-sprout/core/compare/figures/sproutSteps';
import { type StageShares } from '@bright-sprout/core/compare/figures/stageShares';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type ReactNode } from 'react';

/** A table that is opened under its figure. */
export function Numbers({ heads, children }: { heads: readonly string[]; children: ReactNode }) {
  return (
    <details className="mt-2">
      <summary>Show the numbers</summary>
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
    <Numbers heads={['Group', 'Up', 'Half up', 'Between looks', ...(fits ? ['t50 of the fitted curve', '95% interval'] : [])]}>
      {stairs.map((s, i) => {
        const fit = fits?.[i];
        return (
          <tr key={s.key}>
            <th scope="row">{s.label}</th>
            <td>
              {s.total - s.never} of {s.total}
            </td>
            <td>{s.half ? `day ${s.half[0]} to ${s.half[1]}` : 'not by the last look'}</td>
            <td>{s.steps.map((step) => `${step.count}: day ${step.from} to ${step.to}`).join(', ') || '–'}</td>
            {fit && <td>{fit.ok ? `${fit.t50.toFixed(1)} days` : fit.reason}</td>}
            {fit && (
              <td>
                {fit.ok && fit.t50Interval ? `${fit.t50Interval.low.toFixed(1)} to ${fit.t50Interval.high.toFixed(1)}` : '–'}
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
    <Numbers heads={['Group', ...(rows[0]?.shares.map((s) => s.words) ?? [])]}>
      {rows.map(({ group, shares, total }) => (
        <tr key={group.key}>
          <th scope="row">{group.label}</th>
          {shares.map((s) => (
            <td key={s.words}>
              {s.count} of {total}
            </td>
          ))}
        </tr>
      ))}
    </Numbers>
  );
}

export function PredictedTable({ rows, shown }: { rows: readonly PredictedHeight[]; shown: Shown }) {
  return (
    <Numbers heads={['Team', 'Predicted', 'Came', 'Difference']}>
      {rows.map(({ team, predicted, came }) => (
        <tr key={team}>
          <th scope="row">{team}</th>
          <td>{shown.words(predicted)}</td>
          <td>{came === null ? 'none measured' : shown.words(came)}</td>
          <td>{came === null ? '–' : shown.signed(came - predicted)}</td>
        </tr>
      ))}
    </Numbers>
  );
}
