import { type Contrast } from '@bright-sprout/core/compare/compareOnDay';
import { formatLengthNumber, lengthIn, type RulerResolution } from '@bright-sprout/core/quantities/length';
import { useRef } from 'react';
import { MarkShape } from '../../marks/TreatmentMark';
import { useWidth } from '../../page/useWidth';
import { treatmentLook } from '../../theme/treatments';

const ROW = 44;
const LEFT = 34;

/** Each difference from the control as a span on a ruler, with its numbers and what shuffling the labels says. */
export function HowSure({
  contrasts,
  resolution,
  control,
}: {
  contrasts: Contrast[];
  resolution: RulerResolution;
  control: string;
}) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 424);
  const fine: RulerResolution = resolution === 'quarter-in' ? 'quarter-in' : 'mm';
  const unit = resolution === 'quarter-in' ? 'in' : 'cm';
  const ends = contrasts.flatMap((c) => (c.interval.ok ? [c.interval.interval.low, c.interval.interval.high] : [c.differenceMm]));
  const [low, high] = [Math.min(0, ...ends) - 5, Math.max(0, ...ends) + 5];
  const x = (mm: number) => LEFT + 6 + ((mm - low) / (high - low)) * (width - LEFT - 16);
  const height = contrasts.length * ROW + 34;
  const step = niceStep(lengthIn(high - low, unit));
  const ticks = Array.from({ length: 60 }, (_, i) => (i - 30) * step).filter(
    (v) => v >= lengthIn(low, unit) && v <= lengthIn(high, unit),
  );
  const mm = unit === 'in' ? 25.4 : 10;
  return (
    <div ref={holder}>
      <svg width={width} height={height} aria-hidden="true" className="how-sure">
        <path d={`M${x(0)} 0V${height - 28}`} stroke="#2A1B2E" strokeDasharray="4 4" strokeWidth="1.5" />
        {contrasts.map((c, i) => {
          const look = treatmentLook(c.treatment.code);
          const y = i * ROW + 20;
          return (
            <g key={c.treatment.code}>
              <text x="4" y={y + 7} className="how-sure-code">
                {c.treatment.code}
              </text>
              {c.interval.ok && (
                <path
                  d={`M${x(c.interval.interval.low)} ${y - 8}v16m0-8H${x(c.interval.interval.high)}m0-8v16`}
                  stroke={look.colour}
                  strokeWidth="3"
                  fill="none"
                />
              )}
              <g transform={`translate(${x(c.differenceMm)} ${y})`}>
                <MarkShape code={c.treatment.code} size={15} inked />
              </g>
            </g>
          );
        })}
        <path
          d={`M${LEFT} ${height - 28}H${width - 4}${ticks.map((v) => `M${x(v * mm)} ${height - 28}v8`).join('')}`}
          stroke="#2A1B2E"
          strokeWidth="1.5"
        />
        {ticks.map((v) => (
          <text key={v} x={x(v * mm)} y={height - 4} textAnchor="middle" className="how-sure-tick">
            {v > 0 ? `+${v}` : String(v).replace('-', '−')}
          </text>
        ))}
      </svg>
      <ul className="how-sure-list">
        {contrasts.map((c) => (
          <li key={c.treatment.code}>
            <b>{c.treatment.label}</b>: {signed(c.differenceMm, fine)} {unit} against {control}
            {c.interval.ok
              ? `, 95% interval ${signed(c.interval.interval.low, fine)} to ${signed(c.interval.interval.high, fine)}. `
              : `. ${c.interval.reason} `}
            <span className="second">{luckWords(c)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

function signed(mm: number, resolution: RulerResolution): string {
  return `${mm > 0 ? '+' : ''}${formatLengthNumber(mm, resolution)}`;
}

function niceStep(span: number): number {
  return [0.5, 1, 2, 5, 10, 20, 50].find((s) => span / s <= 7) ?? 100;
}

function luckWords({ permutation, adjustedP }: Contrast): string {
  if (!permutation.ok) return permutation.reason;
  const how =
    permutation.method === 'exact'
      ? `all ${permutation.arrangements.toLocaleString('en')} ways to deal the labels within teams`
      : `${permutation.arrangements.toLocaleString('en')} deals of the labels within teams`;
  const floor =
    permutation.smallestP > 0.05 && permutation.pTwoSided <= permutation.smallestP
      ? ' With so few teams, no smaller p is possible.'
      : '';
  return `Of ${how}, a share of p = ${showP(permutation.pTwoSided)} gives a gap this big; counting how many we looked at, ${showP(adjustedP!)}.${floor}`;
}

const showP = (p: number) => (p < 0.001 ? 'under 0.001' : p.toFixed(p < 0.1 ? 3 : 2));
