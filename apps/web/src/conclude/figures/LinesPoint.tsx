import { say } from '@bright-sprout/words/say';
import { daysBetween } from '@bright-sprout/core/calendar/days';
import { type PointFigure } from '@bright-sprout/core/conclude/points/point';
import { MarkShape } from '../../marks/TreatmentMark';
import { axisOver, INK, SOIL } from '../../compare/figures/figureKit';
import { ValueAxis } from '../../compare/figures/ValueAxis';
import { treatmentLook } from '../../theme/treatments';
import { type PointProps, roomOf, shownIn } from './pointKit';

/** Means over the days; the stretch that it is about is hatched as days off are, a crossing stands as a line. */
export function LinesPoint({
  figure,
  records,
  measure,
  width,
  height,
  small,
}: PointProps & { figure: Extract<PointFigure, { kind: 'lines' }> }) {
  const { sownOn } = records.investigation;
  const shown = shownIn(records, measure);
  const room = roomOf(small);
  const bottom = height - (small ? room.bottom : 40);
  const points = figure.lines.flatMap((l) => l.points);
  const day = (d: string) => daysBetween(sownOn, d);
  const days = [...new Set(points.map((p) => day(p.day)))].sort((a, b) => a - b);
  const [first, last] = [days[0] ?? 0, days[days.length - 1] ?? 1];
  const high = Math.max(...points.map((p) => shown.inUnit(p.value)), 0.1) * 1.08;
  const axis = axisOver(0, high, bottom, room.top);
  const right = small ? 18 : 40;
  const x = (n: number) => room.left + ((n - first) / (last - first || 1)) * (width - room.left - right);
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} className="figure" aria-hidden="true">
      <defs>
        <pattern id="point-hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="5" height="5" fill="#E9E7EF" />
          <path d="M0 0V5" stroke="#C9C5D1" strokeWidth="1.6" />
        </pattern>
      </defs>
      <rect x={room.left} y={room.top} width={width - room.left - room.right} height={bottom - room.top} fill="#fff" />
      {figure.stretch && (
        <rect
          x={x(day(figure.stretch.from))}
          y={room.top}
          width={x(day(figure.stretch.to)) - x(day(figure.stretch.from))}
          height={bottom - room.top}
          fill={figure.stretch.off ? 'url(#point-hatch)' : '#E9E7EF'}
        />
      )}
      {!small && <ValueAxis axis={axis} x={room.left} to={width - room.right} unit={shown.unit} top={room.top} bottom={bottom} />}
      {figure.cross && (
        <path d={`M${x(day(figure.cross))} ${room.top}V${bottom}`} stroke={INK} strokeWidth="1.5" strokeDasharray="2 4" />
      )}
      {figure.lines.map((line) => {
        const colour = line.key === '' ? INK : treatmentLook(line.key).colour;
        const path = line.points.map((p, i) => `${i ? 'L' : 'M'}${x(day(p.day))} ${axis.at(shown.inUnit(p.value))}`).join('');
        const end = line.points[line.points.length - 1];
        return (
          <g key={line.key}>
            <path d={path} fill="none" stroke={INK} strokeWidth={small ? 3.4 : 5.2} strokeLinejoin="round" />
            <path d={path} fill="none" stroke={colour} strokeWidth={small ? 2.2 : 3.4} strokeLinejoin="round" />
            {!small &&
              line.points.map((p) => (
                <circle
                  key={p.day}
                  cx={x(day(p.day))}
                  cy={axis.at(shown.inUnit(p.value))}
                  r="4"
                  fill="#fff"
                  stroke={INK}
                  strokeWidth="1.5"
                />
              ))}
            {end && line.key !== '' && (
              <g transform={`translate(${x(day(end.day)) + (small ? 9 : 20)} ${axis.at(shown.inUnit(end.value))})`}>
                <MarkShape code={line.key} size={small ? 10 : 18} />
              </g>
            )}
          </g>
        );
      })}
      <rect x={room.left} y={bottom} width={width - room.left - room.right} height={small ? 3 : 5} fill={SOIL} />
      {!small &&
        days.map((n) => (
          <text key={n} x={x(n)} y={bottom + 25} textAnchor="middle" className="figure-number">
            {n}
          </text>
        ))}
      {!small && (
        <text x={4} y={bottom + 25} className="figure-word second-ink">
          {say('conclude.day')}
        </text>
      )}
    </svg>
  );
}
