import { say } from '@bright-sprout/words/say';
import { type PointFigure } from '@bright-sprout/core/conclude/points/point';
import { MarkShape } from '../../marks/TreatmentMark';
import { axisOver, HAIR, INK, linesOf } from '../../compare/figures/figureKit';
import { type PointProps, roomOf, shownIn } from './pointKit';

/** Values with the ranges they are known within, one a row: brackets on a ruler that lies. Teams are not named here. */
export function SpansPoint({
  figure,
  records,
  measure,
  width,
  height,
  small,
}: PointProps & { figure: Extract<PointFigure, { kind: 'spans' }> }) {
  const shown = shownIn(records, measure);
  const inUnit = (v: number) => (figure.zero ? shown.inUnit(v) : v);
  const room = roomOf(small);
  const left = small ? 6 : 150;
  const bottom = height - (small ? 6 : 44);
  const values = figure.spans
    .flatMap((s) => [s.low, s.at, s.high])
    .concat(figure.band ? [figure.band.low, figure.band.high] : []);
  const all = values.map(inUnit).concat(figure.zero ? [0] : []);
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const pad = (high - low || 1) * 0.06;
  const axis = axisOver(low - pad, high + pad, left, width - room.right, 6);
  const row = (bottom - room.top) / figure.spans.length;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} className="figure" aria-hidden="true">
      <rect x={left} y={room.top} width={width - left - room.right} height={bottom - room.top} fill="#fff" />
      {figure.band && (
        <rect
          x={axis.at(inUnit(figure.band.low))}
          y={room.top}
          width={axis.at(inUnit(figure.band.high)) - axis.at(inUnit(figure.band.low))}
          height={bottom - room.top}
          fill="#E9E7EF"
        />
      )}
      {!small && axis.major.map((v) => <path key={v} d={`M${axis.at(v)} ${room.top}V${bottom}`} stroke={HAIR} />)}
      {figure.zero && <path d={`M${axis.at(0)} ${room.top}V${bottom}`} stroke={INK} strokeWidth="1.5" />}
      {figure.spans.map((s, i) => {
        const y = room.top + row * (i + 0.5);
        const weight = s.marked ? 3 : 1.6;
        return (
          <g key={`${s.label}${s.key}`}>
            {!small && s.key !== '' && (
              <g transform={`translate(22 ${y})`}>
                <MarkShape code={s.key} size={17} />
              </g>
            )}
            {!small && (
              <text x={42} y={y + 5} className="figure-word">
                {linesOf(s.key === '' ? say('conclude.aTeam') : s.label, 12, 1)[0]}
              </text>
            )}
            <path
              d={`M${axis.at(inUnit(s.low))} ${y - 5}v10M${axis.at(inUnit(s.low))} ${y}H${axis.at(inUnit(s.high))}M${axis.at(inUnit(s.high))} ${y - 5}v10`}
              stroke={INK}
              strokeWidth={weight}
              strokeDasharray={figure.zero || s.high - s.low <= 1 ? undefined : '5 3'}
            />
            <circle
              cx={axis.at(inUnit(s.at))}
              cy={y}
              r={small ? 3 : 6}
              fill={s.marked ? INK : '#fff'}
              stroke={INK}
              strokeWidth="1.5"
            />
          </g>
        );
      })}
      {!small && (
        <>
          <path d={`M${left} ${bottom}H${width - room.right}`} stroke={INK} strokeWidth="1.5" />
          <path d={axis.major.map((v) => `M${axis.at(v)} ${bottom}v9`).join('')} stroke={INK} strokeWidth="1.5" />
          {axis.major.map((v) => (
            <text key={v} x={axis.at(v)} y={bottom + 27} textAnchor="middle" className="figure-number">
              {axis.label(v)}
            </text>
          ))}
          <text x={left - 10} y={bottom + 27} textAnchor="end" className="figure-word second-ink">
            {figure.zero ? shown.unit : say('conclude.day')}
          </text>
        </>
      )}
    </svg>
  );
}
