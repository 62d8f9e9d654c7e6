import { addDays, daysBetween, formatDay, type IsoDay, isWeekend, weekday } from '@bright-sprout/core/calendar/days';
import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import './dayRibbon.scss';

export interface RibbonDay {
  day: IsoDay;
  /** Share of containers answered on that day, 0 to 1. */
  share: number;
}

interface Props {
  sownOn: IsoDay;
  last: IsoDay;
  recorded: RibbonDay[];
  chosen: IsoDay | null;
  onChoose: (day: IsoDay) => void;
}

/** A weekend day is this much narrower than a school day. */
const WEEKEND_WIDTH = 0.5;

/** A tape of days from just before sowing to the end; moving along it moves through the recorded days. */
export function DayRibbon({ sownOn, last, recorded, chosen, onChoose }: Props) {
  const tape = useRef<HTMLDivElement>(null);
  const first = addDays(sownOn, -1);
  const days = Array.from({ length: Math.min(200, daysBetween(first, last) + 3) }, (_, i) => addDays(first, i));
  const shares = new Map(recorded.map((r) => [r.day, r.share]));
  const known = recorded.map((r) => r.day);
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
    const cells = [...(tape.current?.querySelectorAll<HTMLElement>('[data-recorded]') ?? [])];
    const distance = (cell: HTMLElement) => Math.abs(cell.getBoundingClientRect().left + cell.offsetWidth / 2 - event.clientX);
    const nearest = cells.reduce<HTMLElement | null>(
      (best, cell) => (best === null || distance(cell) < distance(best) ? cell : best),
      null,
    );
    if (nearest && nearest.dataset.day !== chosen) onChoose(nearest.dataset.day!);
  };
  const dense = days.length > 45;
  const flagAt = chosen === null ? -9 : days.indexOf(chosen);
  return (
    <div
      className={`day-ribbon${dense ? ' dense' : ''}`}
      role="slider"
      tabIndex={0}
      aria-label="Day looked at"
      aria-valuemin={0}
      aria-valuemax={Math.max(0, known.length - 1)}
      aria-valuenow={Math.max(0, at)}
      aria-valuetext={chosen === null ? 'no day recorded yet' : `day ${daysBetween(sownOn, chosen)}, ${formatDay(chosen)}`}
      onKeyDown={onKeyDown}
    >
      <div
        className="day-ribbon-tape"
        ref={tape}
        style={{ gridTemplateColumns: days.map((d) => `${isWeekend(d) ? WEEKEND_WIDTH : 1}fr`).join(' ') }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          chooseAt(event);
        }}
        onPointerMove={chooseAt}
      >
        {days.map((day, i) => {
          const share = shares.get(day);
          const number = daysBetween(sownOn, day);
          const classes = [
            'day',
            isWeekend(day) ? 'weekend' : '',
            day === chosen ? 'chosen' : '',
            share !== undefined ? 'checked' : '',
          ]
            .filter(Boolean)
            .join(' ');
          return (
            <div key={day} className={classes} data-day={day} data-recorded={share === undefined ? undefined : ''}>
              {weekday(day) === 1 && days.length - i > 2 && Math.abs(i - flagAt) > 3 && (
                <span className={`month${i > 0 && dense && weekday(day) === 1 && Math.floor(i / 7) % 2 ? ' every-other' : ''}`}>
                  {formatDay(day, 'short')}
                </span>
              )}
              {(!isWeekend(day) || share !== undefined) && <span className="number">{number < 0 ? `−${-number}` : number}</span>}
              {share !== undefined && (
                <span className="fill">
                  <span style={{ width: `${Math.round(100 * share)}%` }} />
                </span>
              )}
              {number === 0 && <span className="sowing">sown</span>}
              {day === chosen && (
                <span className={`flag${i < days.length * 0.3 ? ' left' : i > days.length * 0.7 ? ' right' : ''}`}>
                  <b>day {number}</b> · {formatDay(day)}
                </span>
              )}
            </div>
          );
        })}
      </div>
    </div>
  );
}
