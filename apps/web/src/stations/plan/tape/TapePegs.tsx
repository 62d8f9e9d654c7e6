import { listInWords } from '@bright-sprout/core/words/listInWords';
import { say } from '@bright-sprout/words/say';
import { addDays, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { isSchoolDay, type SchoolCalendar, schoolDayFrom } from '@bright-sprout/core/calendar/schoolCalendar';
import { type Peg, type PlanTape } from '@bright-sprout/core/plan/calendar/planTape';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';

interface Props {
  tape: PlanTape;
  edges: readonly number[];
  width: number;
  calendar: SchoolCalendar;
  disabled: boolean;
  onPut: (peg: Peg, day: IsoDay) => void;
}

/** Clothes pegs that hold sowing, lesson and last look on their days; carried by pointer or with the arrows. */
export function TapePegs({ tape: { days, pegs }, edges, width, calendar, disabled, onPut }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [held, setHeld] = useState<{ peg: Peg; day: IsoDay } | null>(null);
  const index = (day: IsoDay) => days.findIndex((d) => d.day === day);
  /** The school day under the pointer; days without school are passed over. */
  const under = (event: PointerEvent): IsoDay | null => {
    const x = event.clientX - box.current!.getBoundingClientRect().left;
    const i = edges.findIndex((edge, k) => x >= edge && x < (edges[k + 1] ?? Infinity));
    const day = days[Math.min(days.length - 1, Math.max(0, i))]!.day;
    return isSchoolDay(calendar, day) ? day : null;
  };
  const onKey = (peg: Peg, day: IsoDay) => (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key] as 1 | -1 | undefined;
    if (step === undefined) return;
    event.preventDefault();
    const next = schoolDayFrom(calendar, addDays(day, step), step);
    if (next !== null) onPut(peg, next);
  };
  return (
    <div className="tape-pegs" ref={box}>
      {pegs.map(({ peg, day, words }) => {
        const there = held?.peg === peg ? held.day : day;
        const i = index(there);
        if (i === -1) return null;
        // Two on one day hang side by side, and the first says both.
        const together = pegs.filter((p) => p.day === there);
        const x = (edges[i]! + edges[i + 1]!) / 2 + (together.length > 1 ? (together[0]!.peg === peg ? -9 : 9) : 0);
        const said = together.length > 1 ? (together[0]!.peg === peg ? listInWords(together.map((p) => p.words)) : '') : words;
        const toLeft = x > width - 110;
        return (
          <div key={peg}>
            <span className="tape-held" style={{ left: edges[i], width: edges[i + 1]! - edges[i]! }} />
            <button
              type="button"
              role="slider"
              className={`tape-peg${toLeft ? ' to-left' : ''}${held?.peg === peg ? ' carried' : ''}`}
              style={{ left: x }}
              disabled={disabled}
              aria-label={say('planDays.dayOf', { words })}
              aria-valuemin={0}
              aria-valuemax={days.length - 1}
              aria-valuenow={i}
              aria-valuetext={formatDay(there)}
              onKeyDown={onKey(peg, day)}
              onPointerDown={(e) => {
                e.currentTarget.setPointerCapture(e.pointerId);
                setHeld({ peg, day });
              }}
              onPointerMove={(e) => {
                const to = held?.peg === peg ? under(e) : null;
                if (to !== null) setHeld({ peg, day: to });
              }}
              onPointerUp={() => {
                if (held && held.day !== day) onPut(peg, held.day);
                setHeld(null);
              }}
              onPointerCancel={() => setHeld(null)}
            >
              <svg width="22" height="30" viewBox="0 0 22 30" aria-hidden="true">
                <path d="M7 1h3v13L5 29H2L7 14zM15 1h-3v13l5 15h3l-5-15z" className="tape-peg-wood" />
                <path d="M5 10h12" className="tape-peg-spring" />
              </svg>
              {said && <b>{said}</b>}
            </button>
          </div>
        );
      })}
    </div>
  );
}
