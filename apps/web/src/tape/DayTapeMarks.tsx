import { say } from '@bright-sprout/words/say';
import { type RoomDay } from '@bright-sprout/core/room/roomRecord';
import { memo } from 'react';
import { type TapeOfDays, type TapeMark } from '@bright-sprout/core/tape/dayTape';

interface Props {
  tape: TapeOfDays;
  /** Left edges of the days of the tape and the right edge of the last, in pixels. */
  edges: readonly number[];
  width: number;
  warmth: readonly RoomDay[];
}

const LINE = 19;
const LETTER = 7.4;
const WARMTH = 18;

/** What stands under the tape: sowing, thinning, lessons; when the plants come up; and how warm the room was. */
export const DayTapeMarks = memo(function DayTapeMarks({ tape: { days, marks, sprouting }, edges, width, warmth }: Props) {
  const start = (i: number) => edges[i]!;
  const index = (day: string) => days.findIndex((d) => d.day === day);
  const middle = (day: string) => (start(index(day)) + start(index(day) + 1)) / 2;
  const inside = days.filter((d) => sprouting && d.day >= sprouting.from && d.day <= sprouting.to);
  const span =
    sprouting && inside.length > 0
      ? {
          from: start(index(inside[0]!.day)) + 2,
          to: start(index(inside[inside.length - 1]!.day) + 1) - 2,
          words: sprouting.words,
          seen: sprouting.seen,
        }
      : null;
  const spanWords = span
    ? placedWords(
        span,
        width,
        marks.map((m) => middle(m.day)),
      )
    : null;
  const taken: [number, number][] = spanWords ? [[spanWords.from, spanWords.to]] : [];
  const known = new Map(warmth.map((w) => [w.day, w]));
  const warm = days.flatMap((d, i) => (known.has(d.day) ? [{ i, ...known.get(d.day)! }] : []));
  return (
    <svg className="day-tape-marks" width={width} height={LINE + (warm.length > 0 ? WARMTH : 0)} aria-hidden="true">
      {span && (
        <path
          d={`M${span.from} 1v9H${span.to}v-9`}
          fill="none"
          stroke="currentColor"
          strokeWidth="1.5"
          strokeDasharray={span.seen ? undefined : '4 4'}
        />
      )}
      {spanWords && (
        <>
          <rect x={spanWords.from} y="1" width={spanWords.to - spanWords.from} height={LINE - 2} className="under" />
          <text x={(spanWords.from + spanWords.to) / 2} y="15" textAnchor="middle">
            {spanWords.words}
          </text>
        </>
      )}
      {firstOfDay(marks).map((mark) => {
        const x = middle(mark.day);
        const [from, to] = [x + 7, x + 10 + mark.word.length * LETTER];
        const flipped = to > width;
        const [left, right] = flipped ? [x - 10 - mark.word.length * LETTER, x - 7] : [from, to];
        const free = taken.every(([a, b]) => right < a || left - 12 > b);
        if (free) taken.push([left - 12, right]);
        return (
          <g key={mark.day}>
            <title>{mark.word}</title>
            <path d={`M${x - 5} 9l5-7l5 7z`} fill="currentColor" />
            {free && (
              <>
                <rect x={left - 1} y="4" width={right - left + 2} height={LINE - 5} className="under" />
                <text x={flipped ? x - 8 : from} y="15" textAnchor={flipped ? 'end' : 'start'}>
                  {mark.word}
                </text>
              </>
            )}
          </g>
        );
      })}
      {warm.length > 0 && <Warmth warm={warm} start={start} width={width} />}
    </svg>
  );
});

/** The bracket's words: inside it where no mark stands in their way, else just after it; nowhere on a narrow tape. */
function placedWords({ from, to, words }: { from: number; to: number; words: string }, width: number, marks: number[]) {
  const half = words.length * LETTER * 0.5 + 5;
  if (width < 560) return null;
  const free = (at: number) => at - half >= 0 && at + half <= width && marks.every((x) => Math.abs(x - at) > half + 6);
  const fits = (at: number) => at - half >= from + 4 && at + half <= to - 4;
  const inside = Array.from({ length: 41 }, (_, i) => (from + to) / 2 + (i % 2 ? 1 : -1) * Math.ceil(i / 2) * ((to - from) / 40));
  const at = [...inside.filter(fits), to + half + 4, from - half - 4, (from + to) / 2].find(free);
  return at === undefined ? null : { from: at - half, to: at + half, words };
}

/** One word for a day: sowing before thinning before the rest, as the plan lists them. */
function firstOfDay(marks: readonly TapeMark[]): TapeMark[] {
  return marks.filter((m, i) => marks.findIndex((other) => other.day === m.day) === i);
}

/** The room from its lowest to its highest temperature of each day, as a band on the tape's own scale of days. */
function Warmth({ warm, start, width }: { warm: (RoomDay & { i: number })[]; start: (index: number) => number; width: number }) {
  const [low, high] = [Math.min(...warm.map((w) => w.low)), Math.max(...warm.map((w) => w.high))];
  const y = (value: number) => LINE + 3 + ((high - value) * (WARMTH - 6)) / Math.max(1, high - low);
  const points = warm.map((w) => ({ x: (start(w.i) + start(w.i + 1)) / 2, top: y(w.high), bottom: y(w.low) }));
  const words = say('tape.cRoom', { lowest: Math.round(low), highest: Math.round(high) });
  const first = start(warm[0]!.i);
  const last = start(warm[warm.length - 1]!.i + 1);
  const edge = (side: 'top' | 'bottom') => [
    `${first} ${points[0]![side]}`,
    ...points.map((p) => `${p.x} ${p[side]}`),
    `${last} ${points[points.length - 1]![side]}`,
  ];
  return (
    <g className="day-tape-warmth">
      <path d={`M${[...edge('top'), ...edge('bottom').reverse()].join('L')}Z`} />
      {warm.map((w) => (
        <rect key={w.day} x={start(w.i)} y={LINE} width={start(w.i + 1) - start(w.i)} height={WARMTH}>
          <title>{say('tape.lowToHighDegrees', { low: w.low, high: w.high })}</title>
        </rect>
      ))}
      <text x={Math.min(last + 8, width - words.length * LETTER)} y={LINE + 13}>
        {words}
      </text>
    </g>
  );
}
