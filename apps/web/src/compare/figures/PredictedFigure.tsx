import { type Emblem } from '@bright-sprout/contracts/access';
import { type PredictedHeight } from '@bright-sprout/core/compare/figures/predicted';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { EMBLEM_PATHS } from '../../theme/emblems';
import { axisOver, INK, linesOf, SOIL } from './figureKit';
import { ValueAxis } from './ValueAxis';

const TOP = 34;

/** What each team said before sowing, as a peg, beside the tallest plant that came. */
export function PredictedFigure({
  width,
  rows,
  shown,
  habit,
  emblems,
}: {
  width: number;
  rows: readonly PredictedHeight[];
  shown: Shown;
  habit: Habit;
  emblems: ReadonlyMap<string, Emblem>;
}) {
  const left = 58;
  const tall = Math.round(Math.max(260, Math.min(440, width * 0.4)));
  const bottom = TOP + tall;
  const high = Math.max(...rows.flatMap((r) => [r.predicted, r.came ?? 0]).map(shown.inUnit), 1) * 1.08;
  const axis = axisOver(0, high, bottom, TOP);
  const room = (width - left - 8) / Math.max(1, rows.length);
  const perMm = (tall / high) * shown.inUnit(1);
  return (
    <svg width={width} height={bottom + 70} viewBox={`0 0 ${width} ${bottom + 70}`} aria-hidden="true" className="figure">
      <rect x={left} y={TOP} width={width - left - 8} height={tall} fill="#fff" />
      <ValueAxis axis={axis} x={left} to={width - 8} unit={shown.unit} top={TOP} bottom={bottom} />
      {rows.map(({ team, predicted, came }, i) => {
        const x = left + room * (i + 0.5);
        const peg = axis.at(shown.inUnit(predicted));
        const emblem = emblems.get(team);
        return (
          <g key={team}>
            {came !== null && (
              <>
                <path d={`M${x} ${axis.at(shown.inUnit(came))}V${peg}`} stroke={INK} strokeWidth="1.2" strokeDasharray="3 3" />
                <g transform={`translate(${x} ${bottom})`}>
                  <PlantDrawing habit={habit} heightMm={came} leaves={null} face={team} scale={perMm} />
                </g>
              </>
            )}
            <path d={`M${x - Math.min(22, room * 0.36)} ${peg}h${Math.min(44, room * 0.72)}`} stroke={INK} strokeWidth="3" />
            <path d={`M${x - 4} ${peg - 9}h8v12h-2v-7h-4v7h-2z`} fill="#fff" stroke={INK} strokeWidth="1.2" />
            {emblem && (
              <path
                d={EMBLEM_PATHS[emblem]}
                transform={`translate(${x - 11} ${bottom + 12}) scale(0.92)`}
                fillRule="evenodd"
                fill={INK}
              />
            )}
            {room > 62 && (
              <text x={x} y={bottom + 54} textAnchor="middle" className="figure-word">
                {linesOf(team, Math.floor(room / 8), 1)[0]}
              </text>
            )}
          </g>
        );
      })}
      <rect x={left} y={bottom} width={width - left - 8} height="6" fill={SOIL} />
    </svg>
  );
}
