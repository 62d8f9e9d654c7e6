import { contrastName, toldSize } from '@bright-sprout/core/claims/contrastWords';
import { contrastNumbers, dealtWithin, luckWords } from '@bright-sprout/core/claims/luckWords';
import { type Question } from '@bright-sprout/core/compare/question';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Contrast, type Sureness } from '@bright-sprout/core/compare/sureness';
import { type GradeBand } from '@bright-sprout/core/words/gradeBand';
import { useRef } from 'react';
import { MarkShape } from '../../marks/TreatmentMark';
import { useWidth } from '../../page/useWidth';
import { treatmentLook } from '../../theme/treatments';
import { axisOver, INK } from '../figures/figureKit';

const ROW = 42;

/** Each difference as a span on a ruler, with its numbers and what dealing the labels again says. */
export function HowSure({
  sureness,
  question,
  shown,
  band,
  control,
}: {
  sureness: Sureness;
  question: Pick<Question, 'between'>;
  shown: Shown;
  band: GradeBand;
  control: string;
}) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 424);
  const { contrasts } = sureness;
  const told = contrasts.map((c) => toldOf(c, shown));
  const ends = told.flatMap((t) => [t.estimate, ...(t.interval ? [t.interval.low, t.interval.high] : [])]);
  const [least, most] = [Math.min(0, ...ends), Math.max(0, ...ends)];
  const room = (most - least) * 0.07 || 1;
  const left = 42;
  const axis = axisOver(least - room, most + room, left, width - 12, 6);
  const height = contrasts.length * ROW + 32;
  const base = contrasts.length * ROW;
  return (
    <div ref={holder} className="how-sure">
      <svg width={width} height={height} aria-hidden="true">
        <path d={`M${axis.at(0)} 0V${base}`} stroke={INK} strokeDasharray="4 4" strokeWidth="1.5" />
        {contrasts.map((c, i) => {
          const { estimate, interval } = told[i]!;
          const y = i * ROW + 20;
          const code = c.asked.kind === 'difference' ? c.asked.code : null;
          const colour = code === null ? INK : treatmentLook(code).colour;
          return (
            <g key={c.key}>
              <text x="2" y={y + 7} className="how-sure-code">
                {code !== null && c.key.length === 1 ? c.key : i + 1}
              </text>
              {interval && (
                <path
                  d={`M${axis.at(interval.low)} ${y - 8}v16m0-8H${axis.at(interval.high)}m0-8v16`}
                  stroke={colour}
                  strokeWidth={c.asked.kind === 'interaction' ? 4 : 3}
                  fill="none"
                />
              )}
              <g transform={`translate(${axis.at(estimate)} ${y})`}>
                {code === null ? (
                  <rect x="-3" y="-10" width="6" height="20" fill={INK} />
                ) : (
                  <MarkShape code={code} size={15} inked />
                )}
              </g>
            </g>
          );
        })}
        <path
          d={`M${left} ${base}H${width - 4}${axis.major.map((v) => `M${axis.at(v)} ${base}v8`).join('')}`}
          stroke={INK}
          strokeWidth="1.5"
        />
        {axis.major.map((v) => (
          <text key={v} x={axis.at(v)} y={base + 28} textAnchor="middle" className="how-sure-tick">
            {v > 0 ? '+' : ''}
            {axis.label(v)}
          </text>
        ))}
      </svg>
      <ol className="how-sure-list">
        {contrasts.map((c) => (
          <li key={c.key}>
            <b>{contrastName(c)}</b>: {contrastNumbers(c, shown, control, dealtWithin(sureness, question))}{' '}
            <span className="second">{luckWords(c, sureness, band)}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** In the unit of the page; a slope for one step of its amounts. */
function toldOf(c: Contrast, shown: Shown) {
  const size = toldSize(c);
  const inUnit = (v: number) => shown.inUnit(v * size);
  return {
    estimate: inUnit(c.estimate),
    interval: c.interval && { low: inUnit(c.interval.low), high: inUnit(c.interval.high) },
  };
}
