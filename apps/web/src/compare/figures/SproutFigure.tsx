import { say } from '@bright-sprout/words/say';
import { type SproutStair } from '@bright-sprout/core/compare/figures/sproutSteps';
import { MarkShape } from '../../marks/TreatmentMark';
import { treatmentLook } from '../../theme/treatments';
import { GONE, INK, INK_2, LINE, linesOf } from './figureKit';

const TOP = 54;
const FOOT = 34;

/** Curve of a fit: share up by a day. */
export type Curve = (day: number) => number;

/**
 * When seeds came up, a shelf a treatment: each step of a stair lies as a dashed span between the last "not yet" and the first
 * "up", with its seeds in it; the solid line is what was seen.
 */
export function SproutFigure({
  width,
  stairs,
  last,
  days,
  noun,
  curves,
}: {
  width: number;
  stairs: readonly SproutStair[];
  /** The last look, in days since sowing, and all days on which somebody looked. */
  last: number;
  days: readonly number[];
  /** What is counted: seeds, cups. */
  noun: string;
  curves?: readonly (Curve | null)[];
}) {
  const narrow = width < 560;
  const left = narrow ? 12 : 128;
  const right = narrow ? 12 : 92;
  const most = Math.max(1, ...stairs.map((s) => s.total));
  const shelf = Math.max(92, Math.min(150, narrow ? 118 : Math.round(420 / Math.max(1, stairs.length))));
  const room = shelf - FOOT - (narrow ? 18 : 0);
  const height = TOP + stairs.length * shelf + 6;
  const x = (day: number) => left + (day / Math.max(1, last)) * (width - left - right);
  const gaps = gapsOf(days, last);
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true" className="figure">
      <defs>
        <pattern id="nobody" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill={GONE} />
          <path d="M0 0V6" stroke={LINE} strokeWidth="1" />
        </pattern>
      </defs>
      <rect x={x(0)} y={TOP} width={x(last) - x(0)} height={height - TOP - 6} fill="#fff" />
      {gaps.map(([from, to]) => (
        <rect key={from} x={x(from) + 1} y={TOP} width={x(to) - x(from) - 2} height={height - TOP - 6} fill="url(#nobody)" />
      ))}
      <path d={`M${x(0)} ${TOP}H${x(last)}`} stroke={INK} strokeWidth="1.5" />
      {labelled(days, (d) => x(d), narrow ? 30 : 26).map((d) => (
        <g key={d}>
          <path d={`M${x(d)} ${TOP - 8}v8`} stroke={INK} strokeWidth="1.4" />
          <text x={x(d)} y={TOP - 13} textAnchor="middle" className="figure-number">
            {d}
          </text>
        </g>
      ))}
      <text x={narrow ? left : 4} y={14} className="figure-word second-ink">
        {say('compare.daySinceSowingHatched')}
      </text>
      {stairs.map((stair, i) => (
        <Shelf
          key={stair.key}
          stair={stair}
          y={TOP + (i + 1) * shelf}
          x={x}
          last={last}
          unit={room / most}
          narrow={narrow}
          noun={noun}
          width={width}
          left={left}
          curve={curves?.[i] ?? null}
          shelf={shelf}
        />
      ))}
    </svg>
  );
}

/** Stretches of more than a day without a look. */
function gapsOf(days: readonly number[], last: number): [number, number][] {
  const all = [0, ...days.filter((d) => d <= last)];
  return all.slice(1).flatMap((d, i): [number, number][] => (d - all[i]! > 1 ? [[all[i]!, d]] : []));
}

/** Days whose numbers do not touch. */
function labelled(days: readonly number[], x: (d: number) => number, apart: number): number[] {
  const kept: number[] = [];
  for (const d of days) if (kept.length === 0 || x(d) - x(kept[kept.length - 1]!) >= apart) kept.push(d);
  return kept;
}

function Shelf({
  stair,
  y,
  x,
  last,
  unit,
  narrow,
  noun,
  width,
  left,
  curve,
  shelf,
}: {
  stair: SproutStair;
  /** The shelf's board. */
  y: number;
  x: (day: number) => number;
  last: number;
  /** Pixels of one seed. */
  unit: number;
  narrow: boolean;
  noun: string;
  width: number;
  left: number;
  curve: Curve | null;
  shelf: number;
}) {
  const look = treatmentLook(stair.treatment.code);
  const up = stair.total - stair.never;
  let done = 0;
  const line: string[] = [`M${x(0)} ${y}`];
  const boxes = stair.steps.map((step) => {
    const [low, high] = [y - done * unit, y - (done + step.count) * unit];
    done += step.count;
    line.push(`H${x(step.to)}V${high}`);
    return { ...step, low, high };
  });
  line.push(`H${x(last)}`);
  const half = stair.half;
  return (
    <g>
      <path d={`M${narrow ? left : 4} ${y}H${x(last)}`} stroke={INK} strokeWidth="1.2" />
      <ShelfLabel stair={stair} y={y} narrow={narrow} left={left} shelf={shelf} />
      {boxes.map((b) => (
        <g key={`${b.from} ${b.to}`}>
          <rect
            x={x(b.from)}
            y={b.high}
            width={Math.max(1, x(b.to) - x(b.from))}
            height={b.low - b.high}
            fill={look.tint}
            stroke={look.colour}
            strokeWidth="1.2"
            strokeDasharray="4 3"
          />
          {unit >= 7 &&
            Array.from({ length: b.count }, (_, i) => (
              <SeedInSpan key={i} from={x(b.from)} to={x(b.to)} y={b.low - (i + 0.5) * unit} size={Math.min(unit, 15)} />
            ))}
        </g>
      ))}
      <path d={line.join('')} fill="none" stroke={INK} strokeWidth="5" opacity="0.25" />
      <path d={line.join('')} fill="none" stroke={look.colour} strokeWidth="3" />
      {curve && (
        <path
          d={Array.from({ length: 61 }, (_, i) => (i / 60) * last)
            .map((d, i) => `${i ? 'L' : 'M'}${x(d).toFixed(1)} ${(y - curve(d) * stair.total * unit).toFixed(1)}`)
            .join('')}
          fill="none"
          stroke={INK}
          strokeWidth="1.6"
          strokeDasharray="2 3"
        />
      )}
      {half && <path d={`M${x(half[0])} ${y - 6}v-8m0 4H${x(half[1])}m0-4v8`} stroke={INK} strokeWidth="2.2" fill="none" />}
      <text
        x={narrow ? width - left : x(last) + 6}
        y={narrow ? y - shelf + 26 : y - up * unit + 5}
        textAnchor={narrow ? 'end' : 'start'}
        className="figure-number"
      >
        {say('compare.upOfTotal', { up, total: stair.total })}
      </text>
      {half && <HalfWords half={half} x={x} y={y - 6} last={last} />}
      {stair.never > 0 && !narrow && (
        <text x={x(last) + 6} y={Math.max(y - up * unit - 13, y - shelf + 16)} className="figure-word" fill={INK_2}>
          {say('compare.never', { never: stair.never })}
        </text>
      )}
      <title>{say('compare.ofUp', { label: stair.label, up, total: stair.total, noun })}</title>
    </g>
  );
}

function ShelfLabel({
  stair,
  y,
  narrow,
  left,
  shelf,
}: {
  stair: SproutStair;
  y: number;
  narrow: boolean;
  left: number;
  shelf: number;
}) {
  return (
    <g transform={narrow ? `translate(${left + 10} ${y - shelf + 20})` : `translate(16 ${y - shelf / 2 - 6})`}>
      <MarkShape code={stair.treatment.code} size={16} />
      {stair.key.length === 1 && (
        <text x="18" y="7" className="figure-code">
          {stair.key}
        </text>
      )}
      {linesOf(stair.label, narrow ? 30 : 15).map((l, i) => (
        <text key={l} x={narrow ? 40 : -8} y={narrow ? 6 + 17 * i : 28 + 17 * i} className="figure-word">
          {l}
        </text>
      ))}
    </g>
  );
}

/** Room that the words take, in pixels. */
const HALF_ROOM = 132;

/** Over its stretch where that is wide enough, beside it elsewhere. */
function HalfWords({ half, x, y, last }: { half: [number, number]; x: (day: number) => number; y: number; last: number }) {
  const over = x(half[1]) - x(half[0]) > HALF_ROOM;
  const right = !over && x(half[1]) + HALF_ROOM < x(last);
  const at = over ? (x(half[0]) + x(half[1])) / 2 : right ? x(half[1]) + 8 : x(half[0]) - 8;
  return (
    <text
      x={at}
      y={over ? y - 14 : y - 3}
      textAnchor={over ? 'middle' : right ? 'start' : 'end'}
      className="figure-word figure-halo"
    >
      {say('compare.halfDay', {
        half: half[0] === half[1] ? half[0] : say('compare.fromTo', { from: half[0], to: half[1] }),
      })}
    </text>
  );
}

/** A seed at the last "not yet", a shoot at the first "up". */
function SeedInSpan({ from, to, y, size }: { from: number; to: number; y: number; size: number }) {
  const wide = to - from > 26;
  return (
    <>
      {wide && (
        <>
          <path d={`M${from + 14} ${y}H${to - 12}`} stroke={INK_2} strokeWidth="0.8" strokeDasharray="1 3" />
          <ellipse
            cx={from + 8}
            cy={y}
            rx={Math.min(4.4, size * 0.34)}
            ry={Math.min(2.8, size * 0.24)}
            fill="#F1E8D6"
            stroke={INK}
            strokeWidth="0.9"
          />
        </>
      )}
      <path
        d={`M${to - 5} ${y + size * 0.42}q-1 ${-size * 0.4} 0 ${-size * 0.5}q${-size * 0.5} ${-size * 0.3} ${-size * 0.45} ${-size * 0.02}q${size * 0.2} ${size * 0.12} ${size * 0.45} ${size * 0.02}q${size * 0.1} ${-size * 0.4} ${size * 0.42} ${-size * 0.26}q${-size * 0.1} ${size * 0.24} ${-size * 0.4} ${size * 0.26}`}
        fill="#8FBF57"
        stroke={INK}
        strokeWidth="0.9"
        strokeLinejoin="round"
      />
    </>
  );
}
