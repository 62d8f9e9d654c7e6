import { type Contrast } from '@bright-sprout/core/compare/compareOnDay';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { signedDifference, summaryValue } from '@bright-sprout/core/measures/summaryWords';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { useRef } from 'react';
import { MarkShape } from '../../marks/TreatmentMark';
import { useWidth } from '../../page/useWidth';
import { treatmentLook } from '../../theme/treatments';

const ROW = 44;
const LEFT = 34;

/** Each difference from the control as a span on a ruler, with its numbers and what shuffling the labels says. */
export function HowSure({
  contrasts,
  measure,
  resolution,
  control,
}: {
  contrasts: Contrast[];
  measure: Measure;
  resolution: RulerResolution;
  control: string;
}) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 424);
  const inUnit = (value: number) => summaryValue(measure, value, resolution);
  const ends = contrasts.flatMap((c) => (c.interval.ok ? [c.interval.interval.low, c.interval.interval.high] : [c.difference]));
  const [least, most] = [Math.min(0, ...ends), Math.max(0, ...ends)];
  const margin = (most - least) * 0.06 || 1;
  const [low, high] = [least - margin, most + margin];
  const x = (value: number) => LEFT + 6 + ((value - low) / (high - low)) * (width - LEFT - 16);
  const height = contrasts.length * ROW + 34;
  const step = niceStep(inUnit(high - low));
  const ticks = Array.from({ length: 60 }, (_, i) => Number(((i - 30) * step).toFixed(6))).filter(
    (v) => v >= inUnit(low) && v <= inUnit(high),
  );
  /** One of the unit, in the unit of the differences. */
  const one = 1 / inUnit(1);
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
              <g transform={`translate(${x(c.difference)} ${y})`}>
                <MarkShape code={c.treatment.code} size={15} inked />
              </g>
            </g>
          );
        })}
        <path
          d={`M${LEFT} ${height - 28}H${width - 4}${ticks.map((v) => `M${x(v * one)} ${height - 28}v8`).join('')}`}
          stroke="#2A1B2E"
          strokeWidth="1.5"
        />
        {ticks.map((v) => (
          <text key={v} x={x(v * one)} y={height - 4} textAnchor="middle" className="how-sure-tick">
            {v > 0 ? `+${v}` : String(v).replace('-', '−')}
          </text>
        ))}
      </svg>
      <ul className="how-sure-list">
        {contrasts.map((c) => (
          <li key={c.treatment.code}>
            <b>{c.treatment.label}</b>: {signedDifference(measure, c.difference, resolution)} against {control}
            {c.interval.ok
              ? `, 95% interval ${signedDifference(measure, c.interval.interval.low, resolution)} to ${signedDifference(measure, c.interval.interval.high, resolution)}. `
              : `. ${c.interval.reason} `}
            <span className="second">{luckWords(c)}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

function niceStep(span: number): number {
  return [0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50].find((s) => span / s <= 7) ?? 100;
}

function luckWords({ permutation, adjustedP }: Contrast): string {
  if (!permutation.ok) return permutation.reason;
  const how =
    permutation.method === 'exact'
      ? `all ${permutation.arrangements.toLocaleString('en')} ways to deal the labels within teams`
      : `${permutation.draws!.toLocaleString('en')} deals of the labels within teams, drawn from ${permutation.arrangements.toLocaleString('en')}`;
  const floor =
    permutation.smallestP > 0.05 && permutation.smallestP < 1 && permutation.pTwoSided <= permutation.smallestP
      ? ' With so few teams, no smaller p is possible.'
      : '';
  return `Of ${how}, a share of p = ${showP(permutation.pTwoSided)} gives a gap this big; counting how many we looked at, ${showP(adjustedP!)}.${floor}`;
}

const showP = (p: number) => (p < 0.001 ? 'under 0.001' : p.toFixed(p < 0.1 ? 3 : 2));
