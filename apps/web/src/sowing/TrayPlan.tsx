import { say } from '@bright-sprout/words/say';
import { type Emblem } from '@bright-sprout/contracts/access';
import { treatmentLook } from '../theme/treatments';
import { EMBLEM_PATHS } from '../theme/emblems';
import { MarkShape } from '../marks/TreatmentMark';
import './trayPlan.scss';

export interface TrayPot {
  code: string;
  treatment: string;
  position: number;
}

export interface TrayTeam {
  emblem: Emblem | null;
  nickname: string;
  pots: TrayPot[];
}

const CELL = 54;
const SIDE = 74;
/** One row is drawn a little smaller before a second one is begun. */
const NARROWEST = 1216;
const WIDEST = 1340;

/** The tray from above, window at the top: each team's containers together, places as drawn by lot. */
export function TrayPlan({ teams }: { teams: TrayTeam[] }) {
  const columns = (team: TrayTeam) => Math.max(1, Math.ceil(team.pots.length / 2));
  const widths = teams.map((t) => columns(t) * CELL + SIDE);
  const needed = widths.reduce((sum, w) => sum + w, 24);
  const width = needed <= WIDEST ? Math.max(NARROWEST, needed) : NARROWEST;
  const rows: number[][] = [[]];
  let used = 0;
  widths.forEach((w, i) => {
    if (used + w > width - 16 && rows[rows.length - 1]!.length > 0) {
      rows.push([]);
      used = 0;
    }
    rows[rows.length - 1]!.push(i);
    used += w;
  });
  const rowHeight = 2 * CELL + 22;
  const height = 30 + rows.length * rowHeight;
  return (
    <svg
      className="tray-plan"
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={say('sowing.trayAbove', {
        teams: teams.map((t) => `${t.nickname}: ${t.pots.map((p) => p.code).join(' ')}`).join('; '),
      })}
    >
      <rect x="1" y="18" width={width - 2} height={height - 20} fill="#fff" stroke="#2A1B2E" strokeWidth="1.5" />
      <rect x="1" y="2" width={width - 2} height="16" fill="#F5F7FA" stroke="#2A1B2E" strokeWidth="1.5" />
      <path d={`M1 8H${width - 1}M1 12H${width - 1}`} stroke="#2A1B2E" strokeWidth="0.8" />
      {[0, 0.25, 0.5, 0.75, 1].map((f) => (
        <rect key={f} x={f * (width - 14)} y="2" width="14" height="16" fill="#2A1B2E" />
      ))}
      <rect x="88" y="1" width="66" height="18" fill="#F5F7FA" />
      <text x="121" y="15" textAnchor="middle" className="tray-window">
        {say('common.window')}
      </text>
      {rows.map((row, r) => {
        const total = row.reduce((sum, i) => sum + widths[i]!, 0);
        const space = (width - total) / (row.length + 1);
        let x = space;
        return row.map((i) => {
          const team = teams[i]!;
          const at = x;
          x += widths[i]! + space;
          return (
            <g key={team.nickname} transform={`translate(${at} ${34 + r * rowHeight})`}>
              {team.emblem && (
                <path d={EMBLEM_PATHS[team.emblem]} transform="translate(22 24) scale(1.15)" fill="#2A1B2E" fillRule="evenodd" />
              )}
              <text x="36" y="76" textAnchor="middle" className="tray-team">
                {team.nickname}
              </text>
              {team.pots.map((pot, j) => (
                <g
                  key={pot.code}
                  transform={`translate(${SIDE + (j % columns(team)) * CELL + CELL / 2} ${CELL / 2 + Math.floor(j / columns(team)) * CELL})`}
                >
                  <circle r="24.500" fill="#fff" stroke="#2A1B2E" strokeWidth="1.4" />
                  <circle r="21.500" fill={treatmentLook(pot.treatment).tint} stroke="#2A1B2E" strokeWidth="1" />
                  <g transform="translate(-11 0)">
                    <MarkShape code={pot.treatment} size={15} />
                  </g>
                  <text x="9" y="6" textAnchor="middle" className="tray-code">
                    {pot.code}
                  </text>
                </g>
              ))}
            </g>
          );
        });
      })}
    </svg>
  );
}
