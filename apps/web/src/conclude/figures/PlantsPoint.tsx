import { type Emblem } from '@bright-sprout/contracts/access';
import { say } from '@bright-sprout/words/say';
import { type PointFigure } from '@bright-sprout/core/conclude/points/point';
import { daysBetween } from '@bright-sprout/core/calendar/days';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { MarkShape } from '../../marks/TreatmentMark';
import { habitOf } from '../../records/habitOf';
import { EMBLEM_PATHS } from '../../theme/emblems';
import { treatmentLook } from '../../theme/treatments';
import { axisOver, INK, SOIL } from '../../compare/figures/figureKit';
import { ValueAxis } from '../../compare/figures/ValueAxis';
import { type PointProps, roomOf, shownIn } from './pointKit';

/** Plants side by side beside the ruler, the one that it is about inked; the reach of its twins as a band. */
export function PlantsPoint({
  figure,
  records,
  measure,
  width,
  height,
  small,
}: PointProps & { figure: Extract<PointFigure, { kind: 'plants' }> }) {
  const { investigation } = records;
  const shown = shownIn(records, measure);
  const room = roomOf(small);
  const bottom = height - room.bottom;
  const values = figure.plants.flatMap((p) => (p.value === null ? [] : [shown.inUnit(p.value)]));
  const high = Math.max(...values, figure.band ? shown.inUnit(figure.band.high) : 0, 0.1) * 1.06;
  const axis = axisOver(0, high, bottom, room.top);
  const slot = (width - room.left - room.right) / figure.plants.length;
  const perMm = ((bottom - room.top) / high) * shown.inUnit(1);
  const first = investigation.containers.find((c) => c.id === figure.plants[0]?.containerId);
  const tint = treatmentLook(first?.treatment ?? 'A').tint;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} className="figure" aria-hidden="true">
      <rect x={room.left} y={room.top} width={width - room.left - room.right} height={bottom - room.top} fill="#fff" />
      {figure.band && (
        <rect
          x={room.left}
          y={axis.at(shown.inUnit(figure.band.high))}
          width={width - room.left - room.right}
          height={axis.at(shown.inUnit(figure.band.low)) - axis.at(shown.inUnit(figure.band.high))}
          fill={tint}
        />
      )}
      {!small && <ValueAxis axis={axis} x={room.left} to={width - room.right} unit={shown.unit} top={room.top} bottom={bottom} />}
      {figure.band &&
        [figure.band.low, figure.band.high].map((v) => (
          <path
            key={v}
            d={`M${room.left} ${axis.at(shown.inUnit(v))}H${width - room.right}`}
            stroke={INK}
            strokeDasharray="2 4"
            strokeWidth="1.2"
          />
        ))}
      {figure.band && !small && (
        <text
          x={width - room.right - 6}
          y={axis.at(shown.inUnit(figure.band.high)) + 17}
          textAnchor="end"
          className="figure-word"
        >
          {say('conclude.itsTwins')}
        </text>
      )}
      {figure.plants.map((p, i) => {
        const container = investigation.containers.find((c) => c.id === p.containerId);
        if (!container) return null;
        const x = room.left + slot * (i + 0.5);
        const y = p.value === null ? bottom : axis.at(shown.inUnit(p.value));
        return (
          <g key={p.containerId}>
            {p.value === null ? (
              <path d={`M${x - 10} ${bottom}q10 -9 20 0z`} fill={SOIL} />
            ) : shown.drawsPlants ? (
              <g transform={`translate(${x} ${bottom})`}>
                <PlantDrawing
                  habit={habitOf(investigation, container)}
                  heightMm={p.value}
                  leaves={null}
                  face={container.code}
                  scale={perMm}
                />
              </g>
            ) : (
              <g transform={`translate(${x} ${y})`}>
                <MarkShape code={container.treatment} size={small ? 9 : 16} inked={p.marked} />
              </g>
            )}
            {p.marked && p.value !== null && (
              <path d={`M${room.left} ${y}H${x}`} stroke={INK} strokeWidth="1.6" strokeDasharray="6 4" />
            )}
            {!small && (
              <Pot
                x={x}
                bottom={bottom}
                marked={p.marked}
                face={figure.band ? container.code : `${daysBetween(container.sownOn, figure.day)} d`}
                value={p.value === null ? '–' : shown.number(p.value)}
                emblem={investigation.teams.find((t) => t.id === container.teamId)?.emblem ?? null}
              />
            )}
          </g>
        );
      })}
      <rect x={room.left} y={bottom} width={width - room.left - room.right} height={small ? 4 : 6} fill={SOIL} />
    </svg>
  );
}

/** The pot under a plant, with what it grew to and whose it is. */
function Pot({
  x,
  bottom,
  marked,
  face,
  value,
  emblem,
}: {
  x: number;
  bottom: number;
  marked: boolean;
  face: string;
  value: string;
  emblem: Emblem | null;
}) {
  return (
    <g>
      <path d={`M${x - 22} ${bottom + 10}h44l-5 30h-34z`} fill={marked ? INK : '#fff'} stroke={INK} strokeWidth="1.5" />
      <text x={x} y={bottom + 30} textAnchor="middle" className="figure-code" fill={marked ? '#fff' : INK}>
        {face}
      </text>
      <text x={x - (emblem ? 12 : 0)} y={bottom + 60} textAnchor="middle" className="figure-code">
        {value}
      </text>
      {emblem && (
        <path
          d={EMBLEM_PATHS[emblem]}
          transform={`translate(${x + 8} ${bottom + 45}) scale(0.75)`}
          fillRule="evenodd"
          fill={INK}
        />
      )}
    </g>
  );
}
