import { say } from '@bright-sprout/words/say';
import { type Emblem } from '@bright-sprout/contracts/access';
import { leftOver } from '@bright-sprout/core/compare/causes/placeCause';
import { type Group } from '@bright-sprout/core/compare/groups';
import { placesOf } from '@bright-sprout/core/compare/places';
import { type Question } from '@bright-sprout/core/compare/question';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { EMBLEM_PATHS } from '../../theme/emblems';
import { INK, INK_2 } from './figureKit';

export interface TrayPot {
  id: string;
  code: string;
  block: string | null;
  position: number;
}

/** The tray from above, window at the top: how far each lies above or below what treatment and team let expect. Dark is above. */
export function TrayFigure({
  width,
  pots,
  groups,
  question,
  shown,
  emblems,
}: {
  width: number;
  pots: readonly TrayPot[];
  groups: readonly Group[];
  question: Question;
  shown: Shown;
  emblems: ReadonlyMap<string, Emblem>;
}) {
  const left = new Map((leftOver({ groups, question }) ?? []).map((l) => [l.container.id, l.residual]));
  const most = Math.max(1e-9, ...[...left.values()].map(Math.abs));
  const places = placesOf(pots);
  const teams = [...new Set(places.map((p) => pots.find((q) => q.id === p.id)!.block ?? ''))];
  const side = 30;
  const columns = (team: string) => Math.max(1, Math.ceil(pots.filter((p) => (p.block ?? '') === team).length / 2));
  const natural = teams.reduce((sum, t) => sum + columns(t) * 46 + side, 0);
  const cell = Math.max(30, Math.min(58, ((width - teams.length * side - 8) / (natural - teams.length * side)) * 46));
  const laid: { team: string; x: number; y: number }[] = [];
  let [x, row] = [8, 0];
  for (const team of teams) {
    const wide = columns(team) * cell + side;
    if (x + wide > width && x > 8) {
      x = 8;
      row++;
    }
    laid.push({ team, x, y: 26 + row * (2 * cell + 16) });
    x += wide;
  }
  const height = 26 + (row + 1) * (2 * cell + 16) + 34;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true" className="figure">
      <path d={`M4 4H${width - 4}V16H4ZM4 8H${width - 4}M4 12H${width - 4}`} fill="#fff" stroke={INK} strokeWidth="1" />
      <rect x="12" y="1" width="66" height="18" fill="#fff" />
      <text x="45" y="15" textAnchor="middle" className="figure-word">
        {say('common.window')}
      </text>
      {laid.map(({ team, x: from, y }) => {
        const emblem = emblems.get(team);
        const own = places.filter((p) => (pots.find((q) => q.id === p.id)!.block ?? '') === team);
        return (
          <g key={team} transform={`translate(${from} ${y})`}>
            {emblem && (
              <path d={EMBLEM_PATHS[emblem]} transform={`translate(2 ${cell - 12}) scale(0.9)`} fillRule="evenodd" fill={INK} />
            )}
            {own.map((p) => {
              const pot = pots.find((q) => q.id === p.id)!;
              const residual = left.get(p.id);
              const share = residual === undefined ? 0 : residual / most;
              const dark = (share + 1) / 2;
              return (
                <g key={p.id} transform={`translate(${side + (p.column + 0.5) * cell} ${(p.row + 0.5) * cell})`}>
                  <title>{`${pot.code}: ${residual === undefined ? say('compare.noValue') : shown.signed(residual)}`}</title>
                  <circle
                    r={cell / 2 - 3}
                    fill="#fff"
                    stroke={INK}
                    strokeWidth="1.2"
                    strokeDasharray={residual === undefined ? '3 3' : undefined}
                  />
                  {residual !== undefined && <circle r={cell / 2 - 5} fill={INK} opacity={(0.02 + 0.44 * dark).toFixed(2)} />}
                  <text y="-1" textAnchor="middle" className="figure-small" fill={INK}>
                    {cell > 40 || residual === undefined ? pot.code : ''}
                  </text>
                  {residual !== undefined && (
                    <text y={cell > 40 ? 13 : 5} textAnchor="middle" className="figure-small" fill={INK}>
                      {shown.signed(residual).replace(` ${shown.unit}`, '')}
                    </text>
                  )}
                </g>
              );
            })}
          </g>
        );
      })}
      <text x={width - 6} y={height - 10} textAnchor="end" className="figure-word" fill={INK_2}>
        {say('compare.darkAboveTreatmentTeam', { unit: shown.unit })}
      </text>
    </svg>
  );
}
