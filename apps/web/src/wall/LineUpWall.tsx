import { say } from '@bright-sprout/words/say';
import { type Goal } from '@bright-sprout/core/plan/document/planDocument';
import { memo } from 'react';
import { treatmentLook } from '../theme/treatments';
import { AXIS, type LineUpGroup } from './lineUpGroup';

/** The measured wall: its ruler and the lines behind the plants. */
export const Wall = memo(function Wall({
  width,
  top,
  topMm,
  scale,
  inches,
  goal,
}: {
  width: number;
  top: number;
  topMm: number;
  scale: number;
  inches: boolean;
  /** As tall as …: a line that plants grow towards. */
  goal: Goal | null;
}) {
  const unit = inches ? 25.4 : 10;
  const symbol = inches ? 'in' : 'cm';
  const soil = top + topMm * scale;
  const marks = Array.from({ length: Math.floor(topMm / unit) + 1 }, (_, i) => i);
  const big = topMm / unit > 12 ? 5 : topMm / unit > 4 ? (inches ? 2 : 5) : 1;
  return (
    <g aria-hidden="true">
      <rect x={AXIS - 4} y={top - 6} width={width - AXIS + 4} height={soil - top + 6} fill="#fff" />
      {marks.map((n) => {
        const y = soil - n * unit * scale;
        return (
          <g key={n}>
            <path d={`M${AXIS}  ${y}H${width}`} stroke={n % big ? '#E3E2EA' : '#C9C5D1'} strokeWidth={n % big ? 0.9 : 1.4} />
            <path d={`M${AXIS - 4} ${y}h${n % big ? -7 : -13}`} stroke="#2A1B2E" strokeWidth={n % big ? 1 : 1.6} />
            {n > 0 && n % big === 0 && (
              <text x={AXIS - 20} y={y + 6} textAnchor="end" className="wall-number">
                {n}
              </text>
            )}
          </g>
        );
      })}
      {goal && goal.mm <= topMm && (
        <g className="wall-goal">
          <path d={`M${AXIS} ${soil - goal.mm * scale}H${width}`} />
          <text x={width - 6} y={soil - goal.mm * scale - 6} textAnchor="end">
            {say('wall.asTallAs', { name: goal.name })}
          </text>
        </g>
      )}
      <path d={`M${AXIS - 4} ${top - 6}V${soil}`} stroke="#2A1B2E" strokeWidth="1.5" />
      <text x={AXIS - 8} y={soil + 16} textAnchor="end" className="wall-unit">
        {symbol}
      </text>
    </g>
  );
});

/** Behind a group: its mean line with the span of its 95 % interval, and the peg of what was expected. */
export function Behind({
  group: { summary, look: code, peg },
  top,
  from,
  to,
  soil,
  scale,
}: {
  group: LineUpGroup;
  top: number;
  from: number;
  to: number;
  soil: number;
  scale: number;
}) {
  const y = (mm: number) => Math.max(top, soil - Math.max(0, mm) * scale);
  const look = code === null ? { colour: '#5F5266', tint: '#E9E7EF' } : treatmentLook(code);
  const interval = summary?.interval;
  return (
    <g aria-hidden="true">
      {interval && (
        <>
          <rect
            className="mean-span"
            x={from}
            y={y(interval.high)}
            width={to - from}
            height={Math.max(1, y(interval.low) - y(interval.high))}
            fill={look.tint}
          />
          <path
            d={`M${from} ${y(interval.high)}V${y(interval.low)}M${to} ${y(interval.high)}V${y(interval.low)}`}
            stroke={look.colour}
            strokeWidth="2"
          />
        </>
      )}
      {summary && (
        <>
          <path d={`M${from} ${y(summary.mean)}H${to}`} stroke="#2A1B2E" strokeWidth="5" />
          <path d={`M${from} ${y(summary.mean)}H${to}`} stroke={look.colour} strokeWidth="3" />
        </>
      )}
      {peg && (
        <g className="peg" transform={`translate(0 ${y(peg.mm)})`}>
          <title>{peg.words}</title>
          <path d={`M${from} 0H${to}`} stroke="#5F5266" strokeWidth="1.4" strokeDasharray="2 5" />
          <path d={`M${from + 2} -9h5l3 9l-3 9h-5l2-9zM${from + 16} -9h-5l-3 9l3 9h5l-2-9z`} className="peg-wood" />
        </g>
      )}
    </g>
  );
}
