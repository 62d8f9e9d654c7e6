import { say } from '@bright-sprout/words/say';
import { formatDay, type IsoDay, weekday } from '@bright-sprout/core/calendar/days';
import { type PlanTape, type TapeDay } from '@bright-sprout/core/plan/calendar/planTape';
import { type KeyboardEvent, useState } from 'react';

interface Props {
  tape: PlanTape;
  columns: readonly number[];
  today: IsoDay;
  painting: boolean;
  disabled: boolean;
  onTurn: (day: IsoDay) => void;
  onPaint: (from: IsoDay, to: IsoDay) => void;
}

const MONTH_ROOM = 4;

/** Every day of the tape as a place to press; arrows go from day to day. */
export function TapeDays({ tape, columns, today, painting, disabled, onTurn, onPaint }: Props) {
  const { days, pegs } = tape;
  const [at, setAt] = useState<IsoDay | null>(null);
  const [from, setFrom] = useState<IsoDay | null>(null);
  const [to, setTo] = useState<IsoDay | null>(null);
  const reachable = at !== null && days.some((d) => d.day === at) ? at : (days.find((d) => d.number >= 0)?.day ?? days[0]!.day);
  const go = (event: KeyboardEvent<HTMLElement>) => {
    const by = { ArrowLeft: -1, ArrowRight: 1, Home: -days.length, End: days.length }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const next = days[Math.min(days.length - 1, Math.max(0, days.findIndex((d) => d.day === reachable) + by))]!.day;
    setAt(next);
    event.currentTarget.querySelector<HTMLElement>(`[data-day="${next}"]`)?.focus();
  };
  const painted = (day: IsoDay) => from !== null && to !== null && day >= [from, to].sort()[0]! && day <= [from, to].sort()[1]!;
  const end = () => {
    if (from !== null && to !== null) onPaint(...([from, to].sort() as [IsoDay, IsoDay]));
    setFrom(null);
    setTo(null);
  };
  return (
    <div
      className={`tape-days${painting ? ' painting' : ''}`}
      role="toolbar"
      aria-label={say('planDays.days')}
      style={{ gridTemplateColumns: columns.map((c) => `${c}fr`).join(' ') }}
      onKeyDown={go}
      onPointerUp={end}
      onPointerLeave={() => setFrom(null)}
    >
      {days.map((d, i) => (
        <button
          key={d.day}
          type="button"
          data-day={d.day}
          className={classesOf(d, { painted: painted(d.day), today: d.day === today, pegged: pegs.some((p) => p.day === d.day) })}
          tabIndex={d.day === reachable ? 0 : -1}
          disabled={disabled}
          aria-pressed={painting ? d.off : d.check}
          aria-label={tapeDayWords(
            d,
            pegs.filter((p) => p.day === d.day).map((p) => p.words),
          )}
          title={formatDay(d.day)}
          onFocus={() => setAt(d.day)}
          onPointerDown={(e) => {
            if (!painting) return;
            e.currentTarget.releasePointerCapture(e.pointerId);
            setFrom(d.day);
            setTo(d.day);
          }}
          onPointerEnter={() => from !== null && setTo(d.day)}
          onClick={(e) => {
            // A press by keyboard has no pointer that went down before.
            if (painting) return void (e.detail === 0 && onPaint(d.day, d.day));
            if (d.number > 0) onTurn(d.day);
          }}
        >
          {d.day === today && <span className="tape-today">{say('planDays.today')}</span>}
          {d.day !== today && showsWeek(days, i, today) && <span className="tape-month">{formatDay(d.day, 'short')}</span>}
          {!d.off && <span className="tape-number">{d.number < 0 ? `−${-d.number}` : d.number}</span>}
          {d.holiday && (
            <span className="tape-holiday" style={{ maxWidth: `${100 * offFrom(days, i)}%` }}>
              {d.holiday}
            </span>
          )}
          <span className={d.check ? 'tape-check' : 'tape-free'} />
        </button>
      ))}
    </div>
  );
}

const classesOf = (
  { off, holiday, check, number }: TapeDay,
  { painted, today, pegged }: { painted: boolean; today: boolean; pegged: boolean },
) =>
  [
    'tape-day',
    off && 'off',
    holiday && 'named',
    check && 'checked',
    number < 0 && 'before',
    painted && 'painted',
    today && 'is-today',
    pegged && 'pegged',
  ]
    .filter(Boolean)
    .join(' ');

/** Days without school in a row, from one on. */
function offFrom(days: readonly TapeDay[], i: number): number {
  const next = days.slice(i).findIndex((d) => !d.off);
  return next === -1 ? days.length - i : next;
}

/** Mondays carry their date, where the flag of today leaves room. */
function showsWeek(days: readonly TapeDay[], i: number, today: IsoDay): boolean {
  if (weekday(days[i]!.day) !== 1 || days.length - i <= 2) return false;
  const todayAt = days.findIndex((d) => d.day === today);
  return (todayAt === -1 || Math.abs(i - todayAt) > MONTH_ROOM) && (days.length < 60 || Math.floor(i / 7) % 2 === 0);
}

/** What a day says, to those who hear it. */
function tapeDayWords({ day, number, off, holiday, check, dry }: TapeDay, pegs: readonly string[]): string {
  const what = [
    ...pegs,
    ...(check ? [say('planDays.aCheck')] : []),
    ...(off ? [holiday ?? say('planDays.noSchool')] : []),
    ...(dry ? [say('planDays.likelyDry')] : []),
  ];
  return say('planDays.dayAndNumber', { day: formatDay(day), number, note: what.length > 0 ? `: ${what.join(', ')}` : '' });
}
