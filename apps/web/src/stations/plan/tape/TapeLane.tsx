import { say } from '@bright-sprout/words/say';
import { type PlanTape } from '@bright-sprout/core/plan/calendar/planTape';
import { memo } from 'react';

const LANE = 26;
const HUMP = 22;
const LETTER = 7.2;

/** Under the days: what is left in the containers, soaking and waiting as spans, and the hump of days on which they come up. */
export const TapeLane = memo(function TapeLane({
  tape: { days, spans, marks, pegs },
  edges,
  width,
}: {
  tape: PlanTape;
  edges: readonly number[];
  width: number;
}) {
  const index = (day: string) => days.findIndex((d) => d.day === day);
  const middle = (i: number) => (edges[i]! + edges[i + 1]!) / 2;
  const last = days.length - 1;
  const clamped = (day: string) => (day > days[last]!.day ? last : Math.max(0, index(day)));
  const level = (left: number) => LANE - 3 - left * (LANE - 8);
  const points = days.flatMap((d, i) =>
    d.left ? [`${middle(i)} ${level(d.left.before)}`, `${middle(i)} ${level(d.left.after)}`] : [],
  );
  const held = days.flatMap((d, i) => (d.left ? [i] : []));
  const rising = spans.filter((s) => s.what === 'up');
  return (
    <svg className="tape-lane" width={width} height={LANE + HUMP} aria-hidden="true">
      <rect x="0.75" y="0" width={Math.max(0, width - 1.5)} height={LANE} className="tape-lane-box" />
      {held.length > 0 && (
        <>
          <path d={`M${middle(held[0]!)} ${LANE - 3}L${points.slice(1).join('L')}V${LANE - 3}Z`} className="tape-left" />
          <path d={`M${points.slice(1).join('L')}`} className="tape-left-line" />
        </>
      )}
      {days.map(
        (d, i) =>
          d.dry && (
            <rect key={d.day} x={edges[i]} y={LANE - 7} width={edges[i + 1]! - edges[i]!} height="6" className="tape-dry" />
          ),
      )}
      {spans
        .filter((s) => s.what !== 'up')
        .map((s) => {
          const [from, to] = [edges[clamped(s.from)]! + 4, middle(clamped(s.to))];
          const fits = to - from > s.words.length * LETTER + 14;
          return (
            <g key={s.what + s.from} className="tape-span">
              <title>{s.words}</title>
              <path d={`M${from} 6v14M${from} 13H${to}M${to} 6v14`} />
              {fits && (
                <>
                  <rect
                    x={(from + to) / 2 - (s.words.length * LETTER) / 2 - 3}
                    y="3"
                    width={s.words.length * LETTER + 6}
                    height="20"
                  />
                  <text x={(from + to) / 2} y="18" textAnchor="middle">
                    {s.words}
                  </text>
                </>
              )}
            </g>
          );
        })}
      {rising.length > 0 && <Hump rising={rising} left={(d) => edges[clamped(d)]!} right={(d) => edges[clamped(d) + 1]!} />}
      {marks.map((m) => {
        const x = index(m.day) === -1 ? null : middle(index(m.day));
        const under = x !== null && pegs.some((p) => isUnder(x, index(p.day) === -1 ? -Infinity : middle(index(p.day)), width));
        return (
          x !== null &&
          !under && (
            <g key={m.day + m.word} className="tape-mark">
              <path d={`M${x - 5} ${LANE + 9}l5-7 5 7z`} />
              <text x={x + 8} y={LANE + 15}>
                {m.word}
              </text>
            </g>
          )
        );
      })}
    </svg>
  );
});

/** A peg and its words hide what is marked there: they stand to its right, near the end of the tape to its left. */
function isUnder(mark: number, peg: number, width: number): boolean {
  return peg > width - PEG_WORDS ? mark > peg - 1.6 * PEG_WORDS && mark < peg + 12 : mark > peg - 46 && mark < peg + 60;
}

const PEG_WORDS = 110;

/** One soft hump over all days on which something may come up. */
function Hump({
  rising,
  left,
  right,
}: {
  rising: PlanTape['spans'];
  left: (day: string) => number;
  right: (day: string) => number;
}) {
  const x = left(rising.map((s) => s.from).sort()[0]!);
  const end = right(
    rising
      .map((s) => s.to)
      .sort()
      .pop()!,
  );
  const edge = Math.min(18, (end - x) / 3);
  const words = rising.length === 1 ? rising[0]!.words : say('planDays.likelyUp');
  const shown = words.length * LETTER < end - x - 10 ? words : 'up';
  return (
    <g className="tape-hump">
      <title>{rising.map((s) => s.words).join('; ')}</title>
      <path
        d={`M${x} ${LANE}q${edge / 3} ${HUMP - 2} ${edge} ${HUMP - 2}H${end - edge}q${edge * 0.7} 0 ${edge} ${-(HUMP - 2)}`}
      />
      <text x={(x + end) / 2} y={LANE + 15} textAnchor="middle">
        {shown}
      </text>
    </g>
  );
}
