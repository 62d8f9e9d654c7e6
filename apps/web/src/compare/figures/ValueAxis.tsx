import { type Axis, HAIR, INK } from './figureKit';

/** A ruler standing at the left: ticks, numbers, and pale lines across. */
export function ValueAxis({
  axis,
  x,
  to,
  unit,
  top,
  bottom,
  ranks,
}: {
  axis: Axis;
  x: number;
  /** Right end of the pale lines. */
  to: number;
  unit: string;
  top: number;
  bottom: number;
  /** Words in the place of numbers, for values that are ranks. */
  ranks?: readonly string[] | null;
}) {
  return (
    <g className="axis">
      {!ranks && axis.major.map((v) => <path key={v} d={`M${x} ${axis.at(v)}H${to}`} stroke={HAIR} strokeWidth="1" />)}
      <path d={`M${x} ${top}V${bottom}`} stroke={INK} strokeWidth="1.5" />
      {ranks ? (
        ranks.map((word, i) => (
          <text key={word} x={x - 8} y={axis.at(i + 1) + 5} textAnchor="end" className="figure-word">
            {word}
          </text>
        ))
      ) : (
        <>
          <path d={axis.minor.map((v) => `M${x - 5} ${axis.at(v)}h5`).join('')} stroke={INK} strokeWidth="0.8" />
          <path d={axis.major.map((v) => `M${x - 11} ${axis.at(v)}h11`).join('')} stroke={INK} strokeWidth="1.5" />
          {axis.major.map((v) => (
            <text key={v} x={x - 15} y={axis.at(v) + 6} textAnchor="end" className="figure-number">
              {axis.label(v)}
            </text>
          ))}
          <text x={4} y={top - 8} className="figure-word second-ink">
            {unit}
          </text>
        </>
      )}
    </g>
  );
}
