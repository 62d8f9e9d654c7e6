import { say } from '@bright-sprout/words/say';
import { type Factor } from '@bright-sprout/core/plan/document/planDocument';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { useWidth } from '../../../../page/useWidth';
import { MarkShape } from '../../../../marks/TreatmentMark';
import { treatmentLook } from '../../../../theme/treatments';
import { amountScale, snapped } from './amountScale';

const HIGH = 78;
const LINE = 44;
const EDGE = 30;
/** Units of which there are no halves. */
const WHOLE = ['plants', 'days'];

/** The amounts on one line, each led to from its picture; a mark is dragged, or moved with the arrows. */
export function AmountAxis({
  factor,
  codes,
  pictureWide,
  disabled,
  onAmount,
}: {
  factor: Factor;
  /** Treatment of every level. */
  codes: readonly string[];
  /** How wide each picture in the row above is; 0 where they stand in several rows. */
  pictureWide: number;
  disabled: boolean;
  onAmount: (level: number, amount: number) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const width = useWidth(box);
  const [held, setHeld] = useState<{ level: number; amount: number } | null>(null);
  const amounts = factor.levels.map((l, i) => (held?.level === i ? held.amount : (l.amount ?? 0)));
  const scale = amountScale(Math.max(...factor.levels.map((l) => l.amount ?? 0)), WHOLE.includes(factor.unit));
  const x = (amount: number) => EDGE + ((width - 2 * EDGE) * Math.min(amount, scale.top)) / scale.top;
  const amountAt = (event: PointerEvent) => {
    const left = box.current!.getBoundingClientRect().left + EDGE;
    return snapped(((event.clientX - left) / Math.max(1, width - 2 * EDGE)) * scale.top, scale);
  };
  const onKey = (level: number) => (event: KeyboardEvent) => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 5, PageDown: -5 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onAmount(level, snapped(amounts[level]! + by * scale.step, scale));
  };
  return (
    <div
      className="amount-axis"
      ref={box}
      role="group"
      aria-label={say('plannerAsk.amountsOf', { name: factor.name || say('askedAs.something') })}
    >
      <svg width={width} height={HIGH} aria-hidden="true">
        {pictureWide > 0 &&
          amounts.map((amount, i) => {
            const from = (i + 0.5) * pictureWide;
            const to = x(amount);
            return (
              <path
                key={i}
                d={`M${from} 0V6L${to} 18V${LINE - 12}`}
                fill="none"
                stroke={treatmentLook(codes[i] ?? 'A').colour}
                strokeWidth="1.8"
              />
            );
          })}
        <path d={`M${EDGE - 10} ${LINE}H${width - EDGE + 10}`} stroke="#2A1B2E" strokeWidth="2" />
        <Ticks scale={scale} x={x} width={width} unit={factor.unit} amounts={amounts} />
      </svg>
      {amounts.map((amount, i) => (
        <button
          key={i}
          type="button"
          role="slider"
          className="amount-mark"
          disabled={disabled}
          style={{ left: x(amount), top: LINE }}
          aria-label={say('plannerAsk.amountOf', { codes: codes[i] ?? i + 1 })}
          aria-valuemin={0}
          aria-valuemax={scale.top}
          aria-valuenow={amount}
          aria-valuetext={`${amount}${factor.unit ? ` ${factor.unit}` : ''}`}
          onKeyDown={onKey(i)}
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            setHeld({ level: i, amount });
          }}
          onPointerMove={(e) => held?.level === i && setHeld({ level: i, amount: amountAt(e) })}
          onPointerUp={() => {
            if (held && held.amount !== factor.levels[i]!.amount) onAmount(i, held.amount);
            setHeld(null);
          }}
          onPointerCancel={() => setHeld(null)}
        >
          <svg width="24" height="24" viewBox="-12 -12 24 24" aria-hidden="true">
            <MarkShape code={codes[i] ?? 'A'} size={20} inked />
          </svg>
        </button>
      ))}
    </div>
  );
}

function Ticks({
  scale,
  x,
  width,
  unit,
  amounts,
}: {
  scale: ReturnType<typeof amountScale>;
  x: (amount: number) => number;
  width: number;
  unit: string;
  amounts: readonly number[];
}) {
  const ticks = Array.from({ length: Math.round(scale.top / scale.tick) + 1 }, (_, i) => Number((i * scale.tick).toPrecision(6)));
  return (
    <>
      {ticks.map((t, i) => (
        <g key={t}>
          <path d={`M${x(t)} ${LINE - 5}V${LINE + 6}`} stroke="#2A1B2E" strokeWidth="1.3" />
          <text
            x={t === scale.top ? width : x(t)}
            y={LINE + 25}
            textAnchor={t === scale.top ? 'end' : 'middle'}
            className={amounts.includes(t) ? 'chosen' : undefined}
          >
            {i === ticks.length - 2 && width < 560 ? '' : t}
            {t === scale.top && unit ? ` ${unit}` : ''}
          </text>
        </g>
      ))}
    </>
  );
}
