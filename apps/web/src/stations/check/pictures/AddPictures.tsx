import { say } from '@bright-sprout/words/say';
import { type FilmView, type FrameView } from '@bright-sprout/contracts/answers/films';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { useEffect, useRef, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { DayInput } from '../../../entry/DayInput';
import { ProblemNotice } from '../../../page/Notices';
import { type FilmDay } from './filmDays';
import { type ReadFile, readFiles } from '../../../pictures/readFiles';

interface Waiting {
  id: string;
  name: string;
  picture: Blob;
  url: string;
  day: string;
  note: string | null;
}

/** Pictures that were taken otherwise: dated by what they say, or by hand, and added all at once. */
export function AddPictures({
  film,
  investigation,
  days,
  onSending,
}: {
  film: FilmView;
  investigation: InvestigationView;
  days: readonly FilmDay[];
  /** Told while they are on their way. */
  onSending: (sending: boolean) => void;
}) {
  const { waiting, setWaiting, refused, reading, onDrop } = useWaiting();
  const [sent, setSent] = useState(0);
  const today = todayIn(investigation.class.timeZone);
  const drop = useDropzone({ onDrop: (files) => void onDrop(files), noClick: true, noKeyboard: true });
  const put = useWrite(async (pictures: readonly Waiting[]) => {
    setSent(0);
    for (const p of pictures) {
      const about = new URLSearchParams({ filmId: film.id, day: p.day, recordedAt: timeNow().toISOString() }).toString();
      await request<FrameView>('PUT', `/frames/${p.id}?${about}`, p.picture);
      // What has arrived waits no longer: sent again, it would be the same.
      setWaiting((before) => before.filter((w) => w.id !== p.id));
      setSent((n) => n + 1);
    }
  }, 'films');
  const { isPending } = put;
  useEffect(() => onSending(isPending), [isPending, onSending]);
  const wrongDay = (day: string) =>
    day === '' ? say('pictures.sayDay') : day < investigation.sownOn || day > today ? say('pictures.betweenSowingToday') : null;
  const ready = waiting.filter((w) => wrongDay(w.day) === null);
  const gap = days.find((d) => d.frame === null && d.number > 0 && days.some((o) => o.frame !== null && o.number > d.number));
  return (
    <section
      {...drop.getRootProps({ className: `add-pictures${drop.isDragActive ? ' over' : ''}` })}
      aria-label={say('pictures.addPictures')}
    >
      <input {...drop.getInputProps({ 'aria-label': say('pictures.pictureFiles') })} />
      <p className="add-line">
        <button type="button" className="btn" onClick={drop.open}>
          {say('pictures.addFiles')}
        </button>
        <span>
          {gap
            ? say('pictures.dayPictureDatedFit', { number: gap.number, day: formatDay(gap.day) })
            : say('pictures.picturesTakenDifferently')}
          <br />
          <span className="second">{say('pictures.datedThemselvesWhereCamera')}</span>
        </span>
      </p>
      {reading && (
        <p role="status">
          <progress max={reading.of} value={reading.done} />{' '}
          {say('pictures.fileFilesRead', { done: reading.done, of: reading.of })}
        </p>
      )}
      {refused.length > 0 && (
        <div role="alert">
          <ul className="add-refused">
            {refused.map((why, i) => (
              <li key={i}>{why}</li>
            ))}
          </ul>
        </div>
      )}
      {waiting.length > 0 && (
        <>
          <p className="no-faces">{say('pictures.facesPleaseLookBefore')}</p>
          <ul className="add-list">
            {waiting.map((w) => (
              <WaitingPicture
                key={w.id}
                waiting={w}
                last={today}
                wrong={wrongDay(w.day)}
                number={days.find((d) => d.day === w.day)?.number ?? null}
                onDay={(day) => setWaiting((before) => before.map((o) => (o.id === w.id ? { ...o, day } : o)))}
                onLeave={() => setWaiting((before) => before.filter((o) => o.id !== w.id))}
              />
            ))}
          </ul>
          <p>
            <button
              type="button"
              className="btn-next"
              disabled={ready.length === 0 || put.isPending}
              onClick={() => put.mutate(ready)}
            >
              {put.isPending
                ? say('pictures.sentSoFar', { sent })
                : say('pictures.addPicturePictures', { countReady: ready.length })}
            </button>
          </p>
          {put.error && <ProblemNotice error={put.error} />}
        </>
      )}
    </section>
  );
}

/** Pictures that were read and wait to be added, and what of the files could not be. */
function useWaiting() {
  const [waiting, setWaiting] = useState<Waiting[]>([]);
  const [refused, setRefused] = useState<string[]>([]);
  const [reading, setReading] = useState<{ done: number; of: number } | null>(null);
  const urls = useRef(new Set<string>());
  useEffect(() => {
    const made = urls.current;
    return () => made.forEach((url) => URL.revokeObjectURL(url));
  }, []);
  const take = (read: ReadFile) => {
    if (!read.ok) return setRefused((before) => [...before, read.why]);
    const url = URL.createObjectURL(read.picture);
    urls.current.add(url);
    const note = read.noCamera ? say('pictures.cameraLeftWordScreenshot') : null;
    setWaiting((before) => [...before, { id: v7(), name: read.name, picture: read.picture, url, day: read.day ?? '', note }]);
  };
  const onDrop = async (files: File[]) => {
    setRefused([]);
    setReading({ done: 0, of: files.length });
    await readFiles(files, (read) => {
      take(read);
      setReading((r) => r && { ...r, done: r.done + 1 });
    });
    setReading(null);
  };
  return { waiting, setWaiting, refused, reading, onDrop };
}

/** A picture that waits to be added, with its day. */
function WaitingPicture({
  waiting: { name, url, day, note },
  last,
  wrong,
  number,
  onDay,
  onLeave,
}: {
  waiting: Waiting;
  last: string;
  wrong: string | null;
  number: number | null;
  onDay: (day: string) => void;
  onLeave: () => void;
}) {
  return (
    <li>
      <img src={url} alt={name} />
      <div>
        <b>{name}</b>
        <DayInput
          value={day}
          last={last}
          aria-label={say('pictures.dayOf', { name })}
          isInvalid={day !== '' && wrong !== null}
          onChange={onDay}
        />
        <span className="second">{wrong ?? note ?? say('common.dayNumber', { number: number ?? '?' })}</span>
      </div>
      <button type="button" className="btn btn-plain" onClick={onLeave}>
        {say('pictures.leaveItOut')}
      </button>
    </li>
  );
}
