import { say } from '@bright-sprout/words/say';
import { useRef } from 'react';
import { MarkShape } from '../../../marks/TreatmentMark';
import { useWidth } from '../../../page/useWidth';
import { treatmentLook } from '../../../theme/treatments';
import { type FilmDay, type TreatmentGreen } from './filmDays';

const HEIGHT = 238;
const [LEFT, RIGHT, TOP, BOTTOM] = [42, 60, 14, 30];
/** Names at the ends of lines keep so far apart. */
const APART = 24;
const FLAG = { wide: 64, high: 26, gap: 12 };

/** How green each treatment is, day by day; days without a count between two are dashed. */
export function GreenCurve({
  lines,
  days,
  chosen,
}: {
  lines: readonly TreatmentGreen[];
  days: readonly FilmDay[];
  chosen: number | null;
}) {
  const box = useRef<HTMLDivElement>(null);
  const width = Math.max(300, useWidth(box) || 480);
  const last = Math.max(1, days[days.length - 1]?.number ?? 1);
  const x = (day: number) => LEFT + ((width - LEFT - RIGHT) * day) / last;
  const y = (share: number) => HEIGHT - BOTTOM - ((HEIGHT - TOP - BOTTOM) * share) / 100;
  const step = last > 30 ? 7 : last > 14 ? 3 : 2;
  const names = spread(
    lines.flatMap((l) => (l.days.length > 0 ? [{ line: l, at: y(l.days[l.days.length - 1]!.share) }] : [])),
    y(0) - 8,
  );
  const flags = lines
    .flatMap((line) => line.days.filter((d) => d.day === chosen).map(({ share }) => ({ line, share })))
    .sort((a, b) => b.share - a.share);
  const flagsAt = chosen === null ? null : besideCurves(lines, chosen, flags.length, x, y);
  return (
    <div ref={box} className="green-curve">
      <svg width={width} height={HEIGHT} role="img" aria-label={curveWords(lines)}>
        {days
          .filter((d) => d.weekend)
          .map((d) => (
            <rect
              key={d.day}
              x={x(d.number - 0.5)}
              width={x(1) - x(0)}
              y={TOP}
              height={HEIGHT - TOP - BOTTOM}
              className="weekend"
            />
          ))}
        <Shares to={width - RIGHT} y={y} />
        <text x={LEFT + 6} y={TOP + 12}>
          {say('pictures.green')}
        </text>
        <text x={LEFT + 6} y={y(50) - 6}>
          {say('pictures.half')}
        </text>
        {days
          .filter((d) => d.number % step === 0)
          .map((d) => (
            <text key={d.day} x={x(d.number)} y={HEIGHT - 9} textAnchor="middle" className={d.number === chosen ? 'strong' : ''}>
              {d.number}
            </text>
          ))}
        <text x={width - RIGHT + 12} y={HEIGHT - 9}>
          {say('pictures.dayWord')}
        </text>
        {chosen !== null && <path d={`M${x(chosen)} ${TOP}V${HEIGHT - BOTTOM}`} className="chosen" />}
        {lines.map((l) => (
          <g key={l.code} style={{ color: treatmentLook(l.code).colour }}>
            {l.sections.map((s) => (
              <path key={s.code} d={pathOf(s.days, x, y)} className="section-line" />
            ))}
            {segments(l.days).map(([a, b]) => (
              <path key={a.day} d={pathOf([a, b], x, y)} className={b.day - a.day > 1 ? 'line gap' : 'line'} />
            ))}
            {l.days.map((d) => (
              <g key={d.day} transform={`translate(${x(d.day)} ${y(d.share)})`}>
                <MarkShape code={l.code} size={10} />
              </g>
            ))}
          </g>
        ))}
        {names.map(({ line, at }) => (
          <g key={line.code} transform={`translate(${width - RIGHT + 16} ${at})`}>
            <MarkShape code={line.code} size={16} />
            <text x={14} y={6} className="name">
              {line.code}
            </text>
          </g>
        ))}
        {flagsAt &&
          flags.map(({ line, share }, i) => (
            <g key={line.code} transform={`translate(${flagsAt.left} ${flagsAt.top + i * FLAG.high})`} className="flag">
              <rect width={FLAG.wide} height={FLAG.high} />
              <text x={FLAG.wide / 2} y="19" textAnchor="middle">
                {line.code} {Math.round(share)} %
              </text>
            </g>
          ))}
      </svg>
    </div>
  );
}

/** Lines of the shares, half of all the strongest. */
function Shares({ to, y }: { to: number; y: Place }) {
  return (
    <>
      {[0, 25, 50, 75, 100].map((s) => (
        <g key={s}>
          <path d={`M${LEFT} ${y(s)}H${to}`} className={s === 50 ? 'half' : s === 0 ? 'ground' : 'grid'} />
          {s % 50 === 0 && (
            <text x={LEFT - 7} y={y(s) + 5} textAnchor="end" className="strong">
              {s}
            </text>
          )}
        </g>
      ))}
    </>
  );
}

type Place = (n: number) => number;
type Dot = { day: number; share: number };

const pathOf = (dots: readonly Dot[], x: Place, y: Place) =>
  dots.map((d, i) => `${i === 0 ? 'M' : 'L'}${x(d.day)} ${y(d.share)}`).join('');

const segments = (dots: readonly Dot[]): [Dot, Dot][] => dots.slice(1).map((d, i) => [dots[i]!, d]);

/** Where the numbers of a day cover no line: what is green grows, so there is room left above the lines, or else right below them. */
function besideCurves(lines: readonly TreatmentGreen[], chosen: number, count: number, x: Place, y: Place) {
  const shares = (within: (day: number) => boolean) =>
    lines.flatMap((l) => [l, ...l.sections].flatMap((s) => s.days.filter((d) => within(d.day)).map((d) => d.share)));
  const left = Math.max(LEFT + 4, x(chosen) - FLAG.wide - FLAG.gap);
  const above = y(Math.max(0, ...shares((d) => d <= chosen && x(d) >= left))) - FLAG.gap - count * FLAG.high;
  return above >= 0
    ? { left, top: above }
    : { left: x(chosen) + FLAG.gap, top: y(Math.min(100, ...shares((d) => d >= chosen))) + FLAG.gap };
}

/** Moves what would lie over each other apart, in the order in which it lies. */
function spread<T extends { at: number }>(marks: T[], lowest: number): T[] {
  const sorted = [...marks].sort((a, b) => a.at - b.at);
  sorted.forEach((m, i) => {
    if (i > 0) m.at = Math.max(m.at, sorted[i - 1]!.at + APART);
  });
  // What would leave the figure below is pushed up again.
  for (let i = sorted.length - 1; i >= 0; i--) sorted[i]!.at = Math.min(sorted[i]!.at, lowest - APART * (sorted.length - 1 - i));
  return sorted;
}

const curveWords = (lines: readonly TreatmentGreen[]): string =>
  say('pictures.greenCoverThroughDays', {
    lines: lines
      .map(
        (l) =>
          `${l.code}: ${l.days.map((d) => say('pictures.dayPercent', { day: d.day, percent: Math.round(d.share) })).join(', ') || say('pictures.countedYet')}`,
      )
      .join('. '),
  });
