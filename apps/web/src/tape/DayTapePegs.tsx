import { type TapeDay } from '@bright-sprout/core/tape/dayTape';

/** Something that tells of a day, with its number. */
export interface TapePeg {
  day: string;
  name: string;
  open: boolean;
}

export const NO_PEGS: readonly TapePeg[] = [];

const WIDE = 20;
const TALL = 24;

/** Numbered pegs hanging from their days; several of one day hang side by side. */
export function DayTapePegs({
  days,
  edges,
  width,
  pegs,
}: {
  days: readonly TapeDay[];
  edges: readonly number[];
  width: number;
  pegs: readonly TapePeg[];
}) {
  const placed: { peg: TapePeg; x: number }[] = [];
  const inOrder = [...pegs].sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  for (const peg of inOrder) {
    const i = days.findIndex((d) => d.day === peg.day);
    if (i < 0) continue;
    const own = inOrder.filter((p) => p.day === peg.day);
    const middle = (edges[i]! + edges[i + 1]!) / 2 - ((own.length - 1) * (WIDE + 2)) / 2 + own.indexOf(peg) * (WIDE + 2);
    const after = placed[placed.length - 1];
    placed.push({ peg, x: Math.max(middle, after ? after.x + WIDE + 2 : 0) });
  }
  // At the right end they move together to the left.
  for (let i = placed.length - 1, edge = width - WIDE / 2; i >= 0; i--) {
    placed[i]!.x = Math.min(placed[i]!.x, edge);
    edge = placed[i]!.x - WIDE - 2;
  }
  return (
    <svg className="day-tape-pegs" width={width} height={TALL} aria-hidden="true">
      {placed.map(({ peg, x }) => (
        <g key={peg.name} transform={`translate(${x} 0)`}>
          <path
            d={`M0 0L${WIDE / 2 - 1} 6V${TALL - 2}H${1 - WIDE / 2}V6z`}
            fill={peg.open ? 'currentColor' : '#fff'}
            stroke="currentColor"
            strokeWidth="1.4"
          />
          <text y={TALL - 6} textAnchor="middle" className={peg.open ? 'open' : undefined}>
            {peg.name}
          </text>
        </g>
      ))}
    </svg>
  );
}
