import { say } from '@bright-sprout/words/say';
import { type Emblem } from '@bright-sprout/contracts/access';
import { type teamStrip } from '@bright-sprout/core/compare/figures/teamStrip';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { EMBLEM_PATHS } from '../../theme/emblems';
import { MarkShape } from '../../marks/TreatmentMark';
import { axisOver, INK, LINE, linesOf } from './figureKit';

const ROW = 74;

/** Each team's own difference from its own control, on one ruler: as many answers as teams. */
export function TeamStripFigure({
  width,
  strips,
  shown,
  emblems,
}: {
  width: number;
  strips: ReturnType<typeof teamStrip>;
  shown: Shown;
  emblems: ReadonlyMap<string, Emblem>;
}) {
  const all = strips.flatMap((s) => s.teams.map((t) => shown.inUnit(t.difference)));
  const [low, high] = [Math.min(0, ...all), Math.max(0, ...all)];
  const room = (high - low) * 0.08 || 1;
  const [left, right] = [14, 18];
  const axis = axisOver(low - room, high + room, left, width - right, width < 500 ? 5 : 9);
  const height = strips.length * ROW + 50;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true" className="figure">
      <path d={`M${axis.at(0)} 0V${strips.length * ROW}`} stroke={INK} strokeDasharray="4 4" strokeWidth="1.4" />
      {strips.map(({ group, teams }, r) => {
        let [last, level] = [-Infinity, 0];
        return (
          <g key={group.key} transform={`translate(0 ${r * ROW})`}>
            <g transform="translate(22 14)">
              <MarkShape code={group.treatment.code} size={15} />
              <text x="15" y="6" className="figure-word figure-halo">
                {group.key.length === 1 && <tspan className="figure-code">{group.key} </tspan>}
                {linesOf(group.label, 30, 1)[0]}
              </text>
            </g>
            <path d={`M${left} 58H${width - right}`} stroke={LINE} strokeWidth="1.2" />
            {teams.map(({ team, difference }) => {
              const x = axis.at(shown.inUnit(difference));
              level = x - last < 22 ? (level + 1) % 2 : 0;
              last = x;
              const emblem = emblems.get(team);
              return (
                <g key={team} transform={`translate(${x} ${58 - 13 - level * 12})`}>
                  <title>{`${team}: ${shown.signed(difference)}`}</title>
                  {emblem ? (
                    <path
                      d={EMBLEM_PATHS[emblem]}
                      transform="translate(-10 -10) scale(0.84)"
                      fillRule="evenodd"
                      fill={INK}
                      stroke="#fff"
                      strokeWidth="1"
                    />
                  ) : (
                    <circle r="7" fill={INK} stroke="#fff" />
                  )}
                </g>
              );
            })}
          </g>
        );
      })}
      <path d={`M${left} ${strips.length * ROW}H${width - right}`} stroke={INK} strokeWidth="1.5" />
      {axis.major.map((v) => (
        <g key={v}>
          <path d={`M${axis.at(v)} ${strips.length * ROW}v8`} stroke={INK} strokeWidth="1.2" />
          <text x={axis.at(v)} y={strips.length * ROW + 26} textAnchor="middle" className="figure-number">
            {v > 0 ? '+' : ''}
            {axis.label(v)}
          </text>
        </g>
      ))}
      <text x={width - right} y={strips.length * ROW + 46} textAnchor="end" className="figure-word second-ink">
        {say('compare.againstTeamsOwnControl', { unit: shown.unit })}
      </text>
    </svg>
  );
}
