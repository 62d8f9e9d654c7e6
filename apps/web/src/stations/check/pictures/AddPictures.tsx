import { type FilmView, type FrameView } from '@bright-sprout/contracts/films';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { counted } from '@bright-sprout/core/words/plural';
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
  const [waiting, setWaiting] = useState<Waiting[]>([]);
  const [refused, setRefused] = useState<string[]>([]);
  const [reading, setReading] = useState<{ done: number; of: number } | null>(null);
  const [sent, setSent] = useState(0);
  const today = todayIn(investigation.class.timeZone);
  const urls = useRef(new Set<string>());
  useEffect(() => {
    const made = urls.current;
    return () => made.forEach((url) => URL.revokeObjectURL(url));
  }, []);
  const take = (read: ReadFile) => {
    if (!read.ok) return setRefused((before) => [...before, read.why]);
    const url = URL.createObjectURL(read.picture);
    urls.current.add(url);
    const note = read.noCamera
      ? 'No camera has left a word in it: a screenshot? Look whether it shows what the film shows.'
      : null;
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
    day === '' ? 'Say the day.' : day < investigation.sownOn || day > today ? 'Between sowing and today.' : null;
  const ready = waiting.filter((w) => wrongDay(w.day) === null);
  const gap = days.find((d) => d.frame === null && d.number > 0 && days.some((o) => o.frame !== null && o.number > d.number));
  return (
    <section {...drop.getRootProps({ className: `add-pictures${drop.isDragActive ? ' over' : ''}` })} aria-label="Add pictures">
      <input {...drop.getInputProps({ 'aria-label': 'Picture files' })} />
      <p className="add-line">
        <button type="button" className="btn" onClick={drop.open}>
          Add files
        </button>
        <span>
          {gap
            ? `Day ${gap.number} has no picture: one dated ${formatDay(gap.day)} would fit.`
            : 'Pictures that were taken otherwise, one or many.'}
          <br />
          <span className="second">
            They are dated by themselves where the camera wrote it down, and drawn anew without place and time.
          </span>
        </span>
      </p>
      {reading && (
        <p role="status">
          <progress max={reading.of} value={reading.done} /> {reading.done} of {counted(reading.of, 'file')} read …
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
          <p className="no-faces">No faces, please: look at each before it goes.</p>
          <ul className="add-list">
            {waiting.map((w) => (
              <li key={w.id}>
                <img src={w.url} alt={w.name} />
                <div>
                  <b>{w.name}</b>
                  <DayInput
                    value={w.day}
                    last={today}
                    aria-label={`Day of ${w.name}`}
                    isInvalid={w.day !== '' && wrongDay(w.day) !== null}
                    onChange={(day) => setWaiting((before) => before.map((o) => (o.id === w.id ? { ...o, day } : o)))}
                  />
                  <span className="second">
                    {wrongDay(w.day) ?? w.note ?? `day ${days.find((d) => d.day === w.day)?.number ?? '?'}`}
                  </span>
                </div>
                <button
                  type="button"
                  className="btn btn-plain"
                  onClick={() => setWaiting((before) => before.filter((o) => o.id !== w.id))}
                >
                  Leave it out
                </button>
              </li>
            ))}
          </ul>
          <p>
            <button
              type="button"
              className="btn-next"
              disabled={ready.length === 0 || put.isPending}
              onClick={() => put.mutate(ready)}
            >
              {put.isPending ? `${sent} sent …` : `Add ${counted(ready.length, 'picture')}`}
            </button>
          </p>
          {put.error && <ProblemNotice error={put.error} />}
        </>
      )}
    </section>
  );
}
