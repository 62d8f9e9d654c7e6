import { say } from '@bright-sprout/words/say';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { type KeyboardEvent, useEffect, useRef } from 'react';
import { type FrameCounted } from '../../../workers/filmQuestion';
import { type FilmDay } from './filmDays';
import { notCounted } from './notCounted';

interface Props {
  days: readonly FilmDay[];
  thumbs: ReadonlyMap<string, ImageBitmap>;
  counted: ReadonlyMap<string, FrameCounted>;
  chosen: number | null;
  today: string | null;
  onChoose: (day: number) => void;
}

/** The days with their pictures: an empty frame where there is none, an edge of alarm where one was not counted. */
export function FilmTape({ days, thumbs, counted, chosen, today, onChoose }: Props) {
  const known = days.filter((d) => d.frame !== null).map((d) => d.number);
  const at = chosen === null ? -1 : known.indexOf(chosen);
  const step = (by: number) => known.length > 0 && onChoose(known[Math.min(known.length - 1, Math.max(0, at + by))]!);
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1, Home: -known.length, End: known.length }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    step(by);
  };
  const tape = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const cell = tape.current?.querySelector<HTMLElement>('.film-day.chosen');
    if (cell && tape.current) tape.current.scrollLeft = cell.offsetLeft - tape.current.clientWidth / 2 + cell.offsetWidth / 2;
  }, [chosen]);
  const here = days.find((d) => d.number === chosen);
  return (
    <div
      className="film-tape"
      role="slider"
      tabIndex={0}
      aria-label={say('pictures.pictureLooked')}
      aria-valuemin={0}
      aria-valuemax={Math.max(0, known.length - 1)}
      aria-valuenow={Math.max(0, at)}
      aria-valuetext={
        here ? say('pictures.dayNumberCommaDate', { number: here.number, day: formatDay(here.day) }) : say('pictures.pictureYet')
      }
      onKeyDown={onKeyDown}
      ref={tape}
    >
      <div className="film-days" style={{ gridTemplateColumns: `repeat(${days.length}, minmax(34px, 1fr))` }}>
        {days.map((d) => {
          const found = d.frame ? counted.get(d.frame.id) : undefined;
          const refused = found !== undefined && notCounted(found) !== null;
          const isToday = d.day === today;
          const classes = [
            'film-day',
            d.weekend && 'weekend',
            d.number === chosen && 'chosen',
            refused && 'refused',
            isToday && 'today',
          ];
          return (
            <div
              key={d.day}
              className={classes.filter(Boolean).join(' ')}
              title={formatDay(d.day)}
              onPointerDown={() => d.frame && onChoose(d.number)}
              onPointerEnter={(event) => event.buttons > 0 && d.frame && onChoose(d.number)}
            >
              <div className={`film-frame${d.frame ? '' : ' none'}`}>
                {d.frame ? <Thumb bitmap={thumbs.get(d.frame.id)} /> : isToday ? say('pictures.today') : say('pictures.none')}
              </div>
              <div className="film-number">{d.number}</div>
              {d.number === chosen && (
                <span className="film-flag">
                  <b>{say('common.dayNumber', { number: d.number })}</b> · {formatDay(d.day)}
                </span>
              )}
            </div>
          );
        })}
      </div>
    </div>
  );
}

function Thumb({ bitmap }: { bitmap: ImageBitmap | undefined }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!bitmap || !canvas.current) return;
    canvas.current.width = bitmap.width;
    canvas.current.height = bitmap.height;
    canvas.current.getContext('2d')?.drawImage(bitmap, 0, 0);
  }, [bitmap]);
  return <canvas ref={canvas} aria-hidden="true" />;
}
