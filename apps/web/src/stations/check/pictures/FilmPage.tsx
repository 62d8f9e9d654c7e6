import { type FilmView, type SaveFilmRequest } from '@bright-sprout/contracts/films';
import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { INDEX_WORDS } from '@bright-sprout/core/pictures/countingWords';
import { GREEN_INDICES, type GreenIndex } from '@bright-sprout/core/pictures/greenness';
import { halfGreenWords, reached } from '@bright-sprout/core/pictures/halfGreen';
import { lightProblemWords } from '@bright-sprout/core/pictures/light';
import { workSize } from '@bright-sprout/core/pictures/sectionGrid';
import { counted as countedWords } from '@bright-sprout/core/words/plural';
import { useEffect, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';
import { askedOf, cornersOfFrame } from '../../../pictures/askedOf';
import { RuledWord } from '../../../page/RuledWord';
import { type FrameCounted } from '../../../workers/filmQuestion';
import { useFilm } from '../../../workers/useFilm';
import { AddPictures } from './AddPictures';
import { codesOf, type FilmDay, filmDays, framesOfDays, greenByTreatment, type TreatmentGreen } from './filmDays';
import { FilmPlayer } from './FilmPlayer';
import { FilmTape } from './FilmTape';
import { GreenCurve } from './GreenCurve';
import { type Brush, BrushBar, BrushLayer } from './MendBrush';
import { PanView } from './PanView';
import { CornersEditor, WhitePatchEditor } from './PutRight';
import { SectionTags } from './SectionTags';
import { SideBySide } from './SideBySide';
import { useKeepNumbers } from './useKeepNumbers';
import { useMending } from './useMending';

interface Props {
  records: InvestigationRecords;
  film: FilmView;
  others: readonly FilmView[];
  onFilm: (id: string) => void;
  onSetUp: (film: FilmView | null) => void;
}

const ANOTHER = 'another';

/** A film: its pictures day by day, what is green in them, and the way in which it was counted. */
export function FilmPage({ records, film, others, onFilm, onSetUp }: Props) {
  const { investigation } = records;
  const today = investigation.phase === 'growing' ? todayIn(investigation.class.timeZone) : null;
  const days = useMemo(() => filmDays(film, investigation.sownOn, today), [film, investigation.sownOn, today]);
  const withPicture = days.filter((d) => d.frame !== null);
  const frames = useMemo(() => [...framesOfDays(film.frames).values()], [film.frames]);
  const asked = useMemo(() => askedOf(film, frames), [film, frames]);
  const beside = useFilm(asked);
  const [chosen, choose] = useChosenDay(withPicture);
  const here = days.find((d) => d.number === chosen) ?? null;
  const frame = here?.frame ?? null;
  const { show } = beside;
  useEffect(() => {
    if (frame) show(frame.id);
  }, [frame, show]);
  const counted = useMemo(() => new Map((beside.counted?.frames ?? []).map((c) => [c.id, c])), [beside.counted]);
  const found = frame ? (counted.get(frame.id) ?? null) : null;
  const lines = greenByTreatment(film, investigation, days, beside.counted?.frames ?? []);
  const codes = codesOf(film, investigation);
  const mend = useMending(investigation.id);
  const [editing, setEditing] = useState<'corners' | 'white' | null>(null);
  const [brush, setBrush] = useState<Brush | null>(null);
  const [side, setSide] = useState('');
  const size = workSize(film);
  const needsCorners = frames.length > 0 && frames.every((f) => cornersOfFrame(f) === null);
  const edited = editing === null && needsCorners ? (frames[0] ?? null) : frame;
  return (
    <div className="film">
      <FilmSentence
        film={film}
        others={others}
        days={withPicture}
        chosen={chosen}
        onChoose={choose}
        onFilm={onFilm}
        onSetUp={onSetUp}
      />
      {frames.length === 0 ? (
        <p>No picture is in this film yet. Take today’s, or add pictures that you have.</p>
      ) : (editing !== null || needsCorners) && edited ? (
        <div key={edited.id}>
          {editing === 'white' ? (
            <WhitePatchEditor
              frame={edited}
              src={`/api/v1/frames/${edited.id}`}
              alt={`Picture of ${formatDay(edited.day)}`}
              mend={mend}
              onDone={() => setEditing(null)}
            />
          ) : (
            <CornersEditor
              frame={edited}
              src={`/api/v1/frames/${edited.id}`}
              alt={`Picture of ${formatDay(edited.day)}`}
              corners={cornersOfFrame(edited) ?? counted.get(edited.id)?.corners ?? null}
              first={needsCorners}
              mend={mend}
              onDone={() => setEditing(null)}
            />
          )}
        </div>
      ) : (
        <div className="film-main">
          <div className="film-left">
            {side === '' ? (
              <PanView
                shown={beside.shown}
                size={size}
                label={here ? `${film.name} on day ${here.number}` : film.name}
                wideMm={film.wideMm}
                deepMm={film.deepMm}
                allCounted={brush !== null}
              >
                <SectionTags film={film} investigation={investigation} green={found?.green ?? null} />
                {brush && frame && (
                  <BrushLayer
                    brush={brush}
                    ratio={size.height / size.width}
                    onStroke={(places) => void mend.add(frame.id, { kind: 'brush', places, ...brush })}
                  />
                )}
              </PanView>
            ) : (
              <SideBySide
                film={film}
                investigation={investigation}
                shown={beside.shown}
                sections={side.split(' ').map(Number)}
                green={found?.green ?? null}
              />
            )}
            {beside.progress && beside.counted === null && (
              <p className="film-progress" role="status">
                <progress max={beside.progress.of} value={beside.progress.done} /> Picture {beside.progress.done} of{' '}
                {beside.progress.of} is lined up and counted …
              </p>
            )}
            {brush && frame ? (
              <BrushBar brush={brush} frame={frame} mend={mend} onBrush={setBrush} onDone={() => setBrush(null)} />
            ) : (
              frame && (
                <FrameActs
                  frame={frame}
                  found={found}
                  onBrush={() => setBrush({ green: false, radius: 0.014 })}
                  onCorners={() => setEditing('corners')}
                  ruler={
                    film.kind === 'container'
                      ? `/investigations/${investigation.id}/pictures/ruler/${frame.id}?film=${film.id}`
                      : null
                  }
                />
              )
            )}
            {mend.error !== null && <ProblemNotice error={mend.error} />}
          </div>
          <div className="film-right">
            <HalfGreen lines={lines} days={days} counted={counted} usual={beside.counted?.usual ?? false} />
            <GreenCurve lines={lines} days={days} chosen={chosen} />
            <FilmPlayer
              film={film}
              codes={codes}
              days={days}
              beside={beside}
              chosen={chosen}
              onChoose={choose}
              side={side}
              onSide={setSide}
            />
            <OnRecord records={records} film={film} frames={frames} beside={beside} />
          </div>
        </div>
      )}
      {days.length > 0 && frames.length > 0 && (
        <FilmTape days={days} thumbs={beside.thumbs} counted={counted} chosen={chosen} today={today} onChoose={choose} />
      )}
      <div className="film-foot">
        <AddPictures film={film} investigation={investigation} days={days} />
        {frame && found && (
          <Refused day={here!} found={found} onMend={() => setEditing('white')} onCorners={() => setEditing('corners')} />
        )}
      </div>
    </div>
  );
}

/** The day looked at stands in the address; the newest without one. */
function useChosenDay(withPicture: readonly FilmDay[]): [number | null, (day: number) => void] {
  const [search, setSearch] = useSearchParams();
  const told = search.get('at');
  const [chosen, setChosen] = useState<number | null>(told === null ? null : Number(told));
  useEffect(() => {
    if (chosen === null || told === String(chosen)) return;
    const timer = setTimeout(
      () =>
        setSearch(
          (before) => {
            const next = new URLSearchParams(before);
            next.set('at', String(chosen));
            return next;
          },
          { replace: true },
        ),
      300,
    );
    return () => clearTimeout(timer);
  }, [chosen, told, setSearch]);
  const known = withPicture.some((d) => d.number === chosen);
  return [known ? chosen : (withPicture[withPicture.length - 1]?.number ?? null), setChosen];
}

function FilmSentence({
  film,
  others,
  days,
  chosen,
  onChoose,
  onFilm,
  onSetUp,
}: {
  film: FilmView;
  others: readonly FilmView[];
  days: readonly FilmDay[];
  chosen: number | null;
  onChoose: (day: number) => void;
  onFilm: (id: string) => void;
  onSetUp: (film: FilmView | null) => void;
}) {
  const change = useWrite((part: Partial<SaveFilmRequest>) => {
    const { investigationId, version, name, kind, columns, rows, cells, wideMm, deepMm, index, removed } = film;
    const body = { investigationId, version, name, kind, columns, rows, cells, wideMm, deepMm, index, removed, ...part };
    return request<FilmView>('PUT', `/films/${film.id}`, body satisfies SaveFilmRequest);
  }, 'films');
  const away = others.filter((f) => f.removed);
  const toFilm = (id: string) => {
    if (id === ANOTHER) return onSetUp(null);
    if (id === film.id) return;
    const put = away.find((f) => f.id === id);
    return put ? onSetUp(put) : onFilm(id);
  };
  return (
    <div className="film-words">
      <div className="ruled-sentence">
        <RuledWord
          name="Film"
          value={film.id}
          choices={[
            { value: film.id, label: film.name },
            ...others.filter((f) => !f.removed).map((f) => ({ value: f.id, label: f.name })),
            { value: ANOTHER, label: 'begin another film' },
            ...away.map((f) => ({ value: f.id, label: `bring back “${f.name}”` })),
          ]}
          onChoose={toFilm}
        />
        {chosen !== null && (
          <>
            {' '}
            on{' '}
            <RuledWord
              name="Day"
              value={String(chosen)}
              choices={days.map((d) => ({ value: String(d.number), label: `day ${d.number}`, detail: formatDay(d.day) }))}
              onChoose={(day) => onChoose(Number(day))}
            />
          </>
        )}
        , green counted by{' '}
        <RuledWord<GreenIndex>
          name="Way of counting"
          value={film.index}
          choices={GREEN_INDICES.map((index) => ({
            value: index,
            label: INDEX_WORDS[index],
            detail:
              index === 'excess-green'
                ? 'Greener than red and blue together: the usual one.'
                : 'Takes off what is red as well: steadier on reddish soil.',
          }))}
          onChoose={(index) => index !== film.index && change.mutate({ index })}
        />
        .
      </div>
      <button type="button" className="btn btn-plain" onClick={() => onSetUp(film)}>
        Sections and size
      </button>
      {change.error && <ProblemNotice error={change.error} />}
    </div>
  );
}

/** What can be done with the picture that is looked at. */
function FrameActs({
  frame,
  found,
  onBrush,
  onCorners,
  ruler,
}: {
  frame: { id: string; mendings: { kind: string }[] };
  found: FrameCounted | null;
  onBrush: () => void;
  onCorners: () => void;
  ruler: string | null;
}) {
  const [asking, setAsking] = useState(false);
  const takeBack = useWrite(() => request('DELETE', `/frames/${frame.id}`), 'films');
  const strokes = frame.mendings.filter((m) => m.kind === 'brush').length;
  useEffect(() => setAsking(false), [frame.id]);
  return (
    <div className="frame-acts">
      <button type="button" className="btn" disabled={!found || found.problem !== null} onClick={onBrush}>
        Mend by hand
      </button>
      <button type="button" className="btn" onClick={onCorners}>
        Its corners
      </button>
      {ruler && (
        <Link className="btn" to={ruler}>
          Ruler on it
        </Link>
      )}
      {asking ? (
        <span className="frame-back" role="alert">
          Its file goes from every device. Numbers counted from it stay in the log.{' '}
          <button type="button" className="btn" disabled={takeBack.isPending} onClick={() => takeBack.mutate(undefined)}>
            Take it back
          </button>{' '}
          <button type="button" className="btn btn-plain" onClick={() => setAsking(false)}>
            Leave it
          </button>
        </span>
      ) : (
        <button type="button" className="btn btn-plain" onClick={() => setAsking(true)}>
          Take this picture back
        </button>
      )}
      <span className="second frame-facts">
        {strokes > 0 && `Mended by hand: ${countedWords(strokes, 'stroke')}. `}
        {found?.lined === 'found' && 'Lined up by itself: look whether the strings lie on the lines. '}
        {found?.tilt !== null && found?.tilt !== undefined && `The camera leant by about ${Math.round(found.tilt)}°.`}
      </span>
      {takeBack.error && <ProblemNotice error={takeBack.error} />}
    </div>
  );
}

function HalfGreen({
  lines,
  days,
  counted,
  usual,
}: {
  lines: readonly TreatmentGreen[];
  days: readonly FilmDay[];
  counted: ReadonlyMap<string, FrameCounted>;
  usual: boolean;
}) {
  const told = lines.map((l) => `${l.code}, ${l.label}, is ${halfGreenWords(reached(l.days, 50))}`);
  const first = days.findIndex((d) => d.frame !== null);
  const missing = days
    .slice(Math.max(0, first))
    .filter((d) => d.frame === null && days.some((o) => o.frame && o.number > d.number));
  const refused = days.filter((d) => d.frame && counted.get(d.frame.id)?.problem);
  return (
    <div className="section half-green">
      <h2>{told.length === 0 ? 'Nothing is counted yet.' : `${told.join('; ')}.`}</h2>
      <p className="second">
        {missing.length > 0 &&
          `Day ${missing.map((d) => d.number).join(', ')} ${missing.length === 1 ? 'has' : 'have'} no picture. `}
        {refused.length > 0 &&
          `Day ${refused.map((d) => d.number).join(', ')} ${refused.length === 1 ? 'is' : 'are'} not counted. `}
        {lines.some((l) => l.days.length > 0) &&
          usual &&
          'Hardly anything is green yet: a usual value parts green from soil until it is.'}
      </p>
    </div>
  );
}

/** How many numbers are not on record, and the press that keeps them. */
function OnRecord({
  records,
  film,
  frames,
  beside,
}: {
  records: InvestigationRecords;
  film: FilmView;
  frames: FilmView['frames'];
  beside: ReturnType<typeof useFilm>;
}) {
  const { numbers, keep } = useKeepNumbers(film, frames, beside.counted, records.readings);
  if (!beside.counted) return null;
  const recounts = beside.progress !== null;
  return (
    <div className="film-record">
      {numbers === 0 && !recounts ? (
        <p className="second mb-0">All numbers are on record as green cover: wall, log, Compare and files have them.</p>
      ) : (
        <>
          <button type="button" className="btn" disabled={keep.isPending || recounts} onClick={() => keep.mutate(undefined)}>
            {keep.isPending ? 'Keeping …' : `Keep ${countedWords(numbers, 'number')}`}
          </button>
          <span className="second">
            as green cover, for wall, log and Compare. What stood before stays beside it, struck through.
          </span>
        </>
      )}
      {keep.error && <ProblemNotice error={keep.error} />}
    </div>
  );
}

/** Why a picture is not counted, and what can be done. */
function Refused({
  day,
  found,
  onMend,
  onCorners,
}: {
  day: FilmDay;
  found: FrameCounted;
  onMend: () => void;
  onCorners: () => void;
}) {
  const why = found.broken
    ? 'Its file cannot be opened here.'
    : found.lined === 'unsure'
      ? 'It does not look like the others: its corners were not found.'
      : found.problem && lightProblemWords(found.problem);
  if (!why) return null;
  const ofColour = found.problem !== null && ['too-warm', 'too-cold'].includes(found.problem.code);
  return (
    <div className="film-refused" role="note">
      <svg width="30" height="30" viewBox="0 0 30 30" aria-hidden="true">
        <path d="M9 1h12l8 8v12l-8 8H9l-8-8V9z" fill="#b93a12" />
        <path d="M15 7v10M15 20v3" stroke="#fff" strokeWidth="3.4" />
      </svg>
      <div>
        <b>
          Day {day.number}: {why}
        </b>
        <br />
        It stays in the film and is not counted.
      </div>
      {ofColour && (
        <button type="button" className="btn" onClick={onMend}>
          Mend its light
        </button>
      )}
      {found.lined === 'unsure' && (
        <button type="button" className="btn" onClick={onCorners}>
          Put its corners right
        </button>
      )}
    </div>
  );
}
