import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { useEffect, useRef, useState } from 'react';
import { RuledWord } from '../../../page/RuledWord';
import { type FilmCut } from '../../../workers/filmQuestion';
import { type FilmBeside } from '../../../workers/useFilm';
import { handOver } from '../../../compare/figures/takeAway';
import { type FilmDay } from './filmDays';
import { canRecordVideo, recordVideo } from './recordVideo';

const SPEEDS = [0.5, 1, 2, 4, 8];
const GIF_WIDTH = 480;
const VIDEO_WIDTH = 720;
const SPEED_WORDS = ['½', '1', '2', '4', '8'];

interface Props {
  film: FilmView;
  codes: readonly (string | null)[];
  days: readonly FilmDay[];
  beside: FilmBeside;
  chosen: number | null;
  onChoose: (day: number) => void;
  side: string;
  onSide: (side: string) => void;
}

/** Lets the film run, at any speed, whole or two sections side by side, and takes it along. */
/** A film as a file. */
type Made = 'gif' | 'video' | 'frames';

export function FilmPlayer({ film, codes, days, beside, chosen, onChoose, side, onSide }: Props) {
  const [speed, setSpeed] = useState(2);
  const [running, setRunning] = useState(false);
  const withPicture = days.filter((d) => d.frame !== null);
  const step = useRef(() => undefined as void);
  useEffect(() => {
    step.current = () => {
      const next = withPicture.find((d) => d.number > (chosen ?? -1));
      if (next) onChoose(next.number);
      else setRunning(false);
    };
  });
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => step.current(), 1000 / speed);
    return () => clearInterval(timer);
  }, [running, speed]);
  const start = () => {
    const last = withPicture[withPicture.length - 1];
    if (!running && last && chosen === last.number) onChoose(withPicture[0]!.number);
    setRunning(!running);
  };
  const sections = codes.flatMap((c, i) => (c === null ? [] : [i]));
  const pairs = sections.flatMap((a) => sections.filter((b) => b > a).map((b): [number, number] => [a, b]));
  return (
    <section className="film-player" aria-label={say('pictures.film')}>
      <div className="film-run">
        <button type="button" className="btn film-go" onClick={start} disabled={withPicture.length < 2}>
          {running ? say('pictures.holdItThere') : say('pictures.letGrow')}
        </button>
        <label className="film-speed">
          <span className="film-speed-words" aria-hidden="true">
            {SPEED_WORDS.map((w, i) => (
              <span key={w} className={SPEEDS[i] === speed ? 'on' : ''}>
                {w}
              </span>
            ))}
          </span>
          <input
            type="range"
            min={0}
            max={SPEEDS.length - 1}
            step={1}
            value={SPEEDS.indexOf(speed)}
            aria-label={say('pictures.daysSecond')}
            aria-valuetext={say('pictures.speedDaysASecond', { speed })}
            onChange={(e) => setSpeed(SPEEDS[Number(e.target.value)]!)}
          />
          <span>
            <Say it="pictures.daysASecondStacked" br={<br />} />
          </span>
        </label>
        {pairs.length > 0 && (
          <span className="film-side">
            <Say
              it="pictures.sideBySideWith"
              what={
                <RuledWord
                  name={say('pictures.sideSide')}
                  value={side}
                  choices={[
                    { value: '', label: say('pictures.nothing') },
                    ...pairs.map(([a, b]) => ({
                      value: `${a} ${b}`,
                      label: say('pictures.codesAndCodes', { codes: codes[a], others: codes[b] }),
                    })),
                  ]}
                  onChoose={onSide}
                />
              }
            />
          </span>
        )}
      </div>
      <TakeFilm film={film} days={withPicture} beside={beside} speed={speed} side={side} />
    </section>
  );
}

function TakeFilm({
  film,
  days,
  beside,
  speed,
  side,
}: {
  film: FilmView;
  days: readonly FilmDay[];
  beside: FilmBeside;
  speed: number;
  side: string;
}) {
  const [busy, setBusy] = useState<Made | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const ending = useRef<AbortController | null>(null);
  useEffect(() => () => ending.current?.abort(), []);
  const cut = (width: number): FilmCut => ({
    frames: days.map((d) => ({
      id: d.frame!.id,
      label: say('pictures.dayNumberAndDate', { number: d.number, day: formatDay(d.day) }),
    })),
    sections: side === '' ? [] : side.split(' ').map(Number),
    counted: false,
    width,
  });
  const name = film.name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  const make = async (kind: Made) => {
    setBusy(kind);
    setDone(null);
    const stop = new AbortController();
    ending.current = stop;
    try {
      if (kind === 'gif') save(await beside.gif(cut(GIF_WIDTH), 1000 / speed), `${name}.gif`, 'image/gif');
      else if (kind === 'frames') save(await beside.pngs(cut(VIDEO_WIDTH)), `${name}-pictures.zip`, 'application/zip');
      else {
        const bitmaps = await beside.cut(cut(VIDEO_WIDTH));
        const video = await recordVideo(bitmaps, speed, setShare, stop.signal);
        if (video) save(video, `${name}.${video.type.includes('mp4') ? 'mp4' : 'webm'}`, video.type);
      }
    } finally {
      setBusy(null);
      setShare(null);
    }
  };
  const save = (content: ArrayBuffer | Blob | null, file: string, type: string) => {
    if (content === null) return;
    const blob = content instanceof Blob ? content : new Blob([content], { type });
    handOver(blob, file);
    setDone(say('pictures.fileAndSize', { file, megabytes: decimal(blob.size / 1e6, 1) }));
  };
  const stop = () => {
    ending.current?.abort();
    beside.stop();
    setBusy(null);
  };
  const far = share ?? beside.making ?? 0;
  return (
    <div className="film-take">
      <span>{say('pictures.takeAlong')}</span>
      {busy === null ? (
        <>
          <button type="button" className="btn" disabled={days.length === 0} onClick={() => void make('gif')}>
            {say('pictures.gif')}
          </button>
          {canRecordVideo() && (
            <button type="button" className="btn" disabled={days.length === 0} onClick={() => void make('video')}>
              {say('pictures.video')}
            </button>
          )}
          <button type="button" className="btn" disabled={days.length === 0} onClick={() => void make('frames')}>
            <Say it="pictures.framesPng" countDays={days.length} small={(inside) => <small>{inside}</small>} />
          </button>
        </>
      ) : (
        <span className="film-making" role="status">
          <progress max={1} value={far} aria-label={say('pictures.making', { made: busy, percent: Math.round(100 * far) })} />{' '}
          {say('pictures.making', { made: busy, percent: Math.round(100 * far) })}{' '}
          <button type="button" className="btn btn-plain" onClick={stop}>
            {say('common.stop')}
          </button>
        </span>
      )}
      {done && (
        <span className="second" role="status">
          {done}
        </span>
      )}
    </div>
  );
}
