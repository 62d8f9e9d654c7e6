import { say } from '@bright-sprout/words/say';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { workSize } from '@bright-sprout/core/pictures/sectionGrid';
import { type ComponentProps, useEffect, useMemo, useState } from 'react';
import { ProblemNotice } from '../../../page/Notices';
import { askedOf, cornersOfFrame } from '../../../pictures/askedOf';
import { type FrameCounted } from '../../../workers/filmQuestion';
import { useFilm } from '../../../workers/useFilm';
import { AddPictures } from './AddPictures';
import { codesOf, type FilmDay, filmDays, framesOfDays, greenByTreatment } from './filmDays';
import { FilmPlayer } from './FilmPlayer';
import { FilmSentence } from './FilmSentence';
import { FilmTape } from './FilmTape';
import { FrameActs } from './FrameActs';
import { GreenCurve } from './GreenCurve';
import { HalfGreen } from './HalfGreen';
import { type Brush, BrushBar, BrushLayer } from './MendBrush';
import { OnRecord } from './OnRecord';
import { PanView } from './PanView';
import { CornersEditor, WhitePatchEditor } from './PutRight';
import { Refused } from './Refused';
import { SectionTags } from './SectionTags';
import { SideBySide } from './SideBySide';
import { useChosenDay } from './useChosenDay';
import { useMending } from './useMending';

interface Props {
  records: InvestigationRecords;
  film: FilmView;
  others: readonly FilmView[];
  onFilm: (id: string) => void;
  onSetUp: (film: FilmView | null) => void;
}

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
  const [side, setSide] = useState('');
  const [arriving, setArriving] = useState(false);
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
        <p>{say('pictures.pictureFilmYetTake')}</p>
      ) : arriving && needsCorners ? (
        // Which of them is the first is known when all are there.
        <p role="status">{say('pictures.picturesArriving')}</p>
      ) : (editing !== null || needsCorners) && edited ? (
        <EditedFrame
          key={edited.id}
          frame={edited}
          white={editing === 'white'}
          corners={cornersOfFrame(edited) ?? counted.get(edited.id)?.corners ?? null}
          first={needsCorners}
          mend={mend}
          onDone={() => setEditing(null)}
        />
      ) : (
        <div className="film-main">
          <FilmPicture
            film={film}
            investigation={investigation}
            here={here}
            found={found}
            beside={beside}
            side={side}
            mend={mend}
            onCorners={() => setEditing('corners')}
          />
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
        <AddPictures film={film} investigation={investigation} days={days} onSending={setArriving} />
        {frame && found && (
          <Refused day={here!} found={found} onMend={() => setEditing('white')} onCorners={() => setEditing('corners')} />
        )}
      </div>
    </div>
  );
}

/** A picture whose corners or white are put right. */
function EditedFrame({
  frame,
  white,
  mend,
  onDone,
  ...corners
}: { white: boolean } & Omit<ComponentProps<typeof CornersEditor>, 'src' | 'alt'>) {
  const picture = {
    frame,
    src: `/api/v1/frames/${frame.id}`,
    alt: say('pictures.pictureOf', { day: formatDay(frame.day) }),
    mend,
    onDone,
  };
  return white ? <WhitePatchEditor {...picture} /> : <CornersEditor {...picture} {...corners} />;
}

/** The picture of a day, whole or two of its sections beside each other, with what can be done to it. */
function FilmPicture({
  film,
  investigation,
  here,
  found,
  beside,
  side,
  mend,
  onCorners,
}: {
  film: FilmView;
  investigation: InvestigationRecords['investigation'];
  here: FilmDay | null;
  found: FrameCounted | null;
  beside: ReturnType<typeof useFilm>;
  side: string;
  mend: ReturnType<typeof useMending>;
  onCorners: () => void;
}) {
  const [brush, setBrush] = useState<Brush | null>(null);
  const frame = here?.frame ?? null;
  const size = workSize(film);
  // Where there is nothing to show of a day, the day before it must not stand in its place.
  const cannotBeShown = found !== null && (found.broken || found.lined === 'unknown');
  return (
    <div className="film-left">
      {side === '' ? (
        <PanView
          shown={cannotBeShown ? null : beside.shown}
          size={size}
          label={here ? say('pictures.onDay', { name: film.name, number: here.number }) : film.name}
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
          shown={cannotBeShown ? null : beside.shown}
          sections={side.split(' ').map(Number)}
          green={found?.green ?? null}
        />
      )}
      {beside.progress && beside.counted === null && (
        <p className="film-progress" role="status">
          <progress max={beside.progress.of} value={beside.progress.done} />{' '}
          {say('pictures.pictureLinedCounted', { done: beside.progress.done, of: beside.progress.of })}
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
            onCorners={onCorners}
            ruler={
              film.kind === 'container' ? `/investigations/${investigation.id}/pictures/ruler/${frame.id}?film=${film.id}` : null
            }
          />
        )
      )}
      {mend.error !== null && <ProblemNotice error={mend.error} />}
    </div>
  );
}
