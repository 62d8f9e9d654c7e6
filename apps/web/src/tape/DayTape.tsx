import { say } from '@bright-sprout/words/say';
import { dayAndDate, formatDay, isDated, type IsoDay, weekday } from '@bright-sprout/core/calendar/days';
import { type RoomDay } from '@bright-sprout/core/room/roomRecord';
import { type KeyboardEvent, memo, type PointerEvent, useMemo, useRef } from 'react';
import { dayWords, recordedOn, type TapeOfDays, type TapeDay } from '@bright-sprout/core/tape/dayTape';
import { DayTapeMarks } from './DayTapeMarks';
import { NO_PEGS, type TapePeg, DayTapePegs } from './DayTapePegs';
import { useWidth } from '../page/useWidth';
import { tapeColumns, tapeEdges } from './tapeEdges';
import './dayTape.scss';

interface Props {
  tape: TapeOfDays;
  sownOn: IsoDay;
  chosen: IsoDay | null;
  onChoose: (day: IsoDay) => void;
  /** Lowest and highest temperature of days on which the room was read, °C. */
  warmth?: readonly RoomDay[];
  /** Numbered pegs under the days that they tell of. */
  pegs?: readonly TapePeg[];
}

const DENSE = 45;
const NO_WARMTH: readonly RoomDay[] = [];

/** A tape of days from getting ready to the end; moving along it moves through the recorded days. */
export function DayTape({ tape, sownOn, chosen, onChoose, warmth = NO_WARMTH, pegs = NO_PEGS }: Props) {
  const strip = useRef<HTMLDivElement>(null);
  const width = useWidth(strip);
  const { days } = tape;
  const known = recordedOn(tape);
  const at = chosen === null ? -1 : known.indexOf(chosen);
  const step = (by: number) => known.length > 0 && onChoose(known[Math.min(known.length - 1, Math.max(0, at + by))]!);
  const keys: Record<string, () => void> = {
    ArrowLeft: () => step(-1),
    ArrowRight: () => step(1),
    Home: () => step(-known.length),
    End: () => step(known.length),
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const act = keys[event.key];
    if (act) {
      event.preventDefault();
      act();
    }
  };
  /** Under the finger or mouse: the nearest recorded day. */
  const chooseAt = (event: PointerEvent) => {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    const cells = [...(strip.current?.querySelectorAll<HTMLElement>('[data-recorded]') ?? [])];
    const distance = (cell: HTMLElement) => Math.abs(cell.getBoundingClientRect().left + cell.offsetWidth / 2 - event.clientX);
    const nearest = cells.reduce<HTMLElement | null>(
      (best, cell) => (best === null || distance(cell) < distance(best) ? cell : best),
      null,
    );
    if (nearest && nearest.dataset.day !== chosen) onChoose(nearest.dataset.day!);
  };
  const flagAt = chosen === null ? -9 : days.findIndex((d) => d.day === chosen);
  const columns = useMemo(() => tapeColumns(days), [days]);
  const edges = useMemo(() => tapeEdges(columns, width), [columns, width]);
  return (
    <div
      className={`day-tape${days.length > DENSE ? ' dense' : ''}`}
      role="slider"
      tabIndex={0}
      aria-label={say('tape.dayLooked')}
      aria-valuemin={0}
      aria-valuemax={Math.max(0, known.length - 1)}
      aria-valuenow={Math.max(0, at)}
      aria-valuetext={chosen === null ? say('tape.dayRecordedYet') : dayAndDate(sownOn, chosen, ', ')}
      onKeyDown={onKeyDown}
    >
      <div
        className="day-tape-strip"
        ref={strip}
        style={{ gridTemplateColumns: columns.map((c) => `${c}fr`).join(' ') }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          chooseAt(event);
        }}
        onPointerMove={chooseAt}
      >
        {days.map((d, i) => (
          <Day key={d.day} day={d} chosen={d.day === chosen} at={i / days.length} week={showsWeek(d, i, days.length, flagAt)} />
        ))}
      </div>
      <DayTapeMarks tape={tape} edges={edges} width={width} warmth={pegs.length > 0 ? NO_WARMTH : warmth} />
      {pegs.length > 0 && <DayTapePegs days={days} edges={edges} width={width} pegs={pegs} />}
    </div>
  );
}

/** Mondays carry their date, where the flag of the chosen day leaves room; on a dense tape every other one. */
function showsWeek({ day }: TapeDay, i: number, all: number, flagAt: number): boolean {
  if (weekday(day) !== 1 || all - i <= 2 || Math.abs(i - flagAt) <= (all > DENSE ? 6 : 3)) return false;
  return all <= DENSE || Math.floor(i / 7) % 2 === 0;
}

const Day = memo(function Day({ day: d, chosen, at, week }: { day: TapeDay; chosen: boolean; at: number; week: boolean }) {
  const { day, number, off, share, due, holiday } = d;
  const classes = ['day', off && 'off', chosen && 'chosen', share !== null && 'checked', due && share === null && 'due'];
  return (
    <div
      className={classes.filter(Boolean).join(' ')}
      data-day={day}
      data-recorded={share === null ? undefined : ''}
      title={dayWords(d)}
    >
      {week && isDated(day) && <span className="month">{formatDay(day, 'short')}</span>}
      {(!off || share !== null) && <span className="number">{number < 0 ? `−${-number}` : number}</span>}
      {holiday && <span className="holiday">{holiday}</span>}
      {(share !== null || due) && (
        <span className="fill">{share !== null && <span style={{ width: `${Math.round(100 * share)}%` }} />}</span>
      )}
      {chosen && (
        <span className={`flag${at < 0.3 ? ' left' : at > 0.7 ? ' right' : ''}`}>
          <b>{isDated(day) ? say('common.dayNumber', { number }) : formatDay(day)}</b>
          {isDated(day) && ` · ${formatDay(day)}`}
        </span>
      )}
    </div>
  );
});
