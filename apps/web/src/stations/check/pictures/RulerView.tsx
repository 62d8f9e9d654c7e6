import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { type Point } from '@bright-sprout/core/pictures/picture';
import { CLICK_PX, readLength, RULER_METHOD } from '@bright-sprout/core/pictures/rulerOnPhoto';
import { formatLength, roundToResolution } from '@bright-sprout/core/quantities/length';
import { logCells, logRows } from '@bright-sprout/core/readings/logRows';
import { useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useFilms } from '../../../api/queries';
import { CheckFrame } from '../../../page/CheckFrame';
import { Empty, Loaded } from '../../../page/Notices';
import { useLogEntry } from '../log/useLogEntry';
import { DragPoint, PicturePlane } from './PicturePlane';
import './pictures.scss';

/** A picture that is measured on: of one container, or of a film with several. */
interface Measured {
  id: string;
  src: string;
  day: IsoDay;
  width: number;
  height: number;
  containerIds: string[];
}

const measures = () =>
  [
    ['height', say('pictures.height')],
    ['root-length', say('pictures.rootLength')],
    ['leaf-length', say('pictures.leafLength')],
  ] as const;

/** A ruler on a picture: a known length, the line of a plant, and how sure that is. */
export function RulerView() {
  return <CheckFrame>{(records) => <OfPicture records={records} />}</CheckFrame>;
}

function OfPicture({ records }: { records: InvestigationRecords }) {
  const { pictureId = '' } = useParams();
  const films = useFilms(records.investigation.id);
  return (
    <Loaded query={films} what={say('pictures.thePicture')}>
      {(all) => {
        const picture = pictureOf(records, all, pictureId);
        return picture ? (
          <Ruler key={picture.id} records={records} picture={picture} />
        ) : (
          <Empty title={say('pictures.pictureMore')}>
            <Link className="btn" to={`/investigations/${records.investigation.id}/pictures`}>
              {say('pictures.toThePictures')}
            </Link>
          </Empty>
        );
      }}
    </Loaded>
  );
}

function pictureOf({ photos }: InvestigationRecords, films: readonly FilmView[], id: string): Measured | null {
  const photo = photos.find((p) => p.id === id);
  if (photo) return { ...photo, src: `/api/v1/photos/${id}`, containerIds: [photo.containerId] };
  for (const film of films) {
    const frame = film.frames.find((f) => f.id === id);
    if (frame) return { ...frame, src: `/api/v1/frames/${id}`, containerIds: film.cells.filter((c) => c !== null) };
  }
  return null;
}

/** What lies on the picture: a known length, and the line of a plant from its foot to its tip. */
function useRuler(picture: Measured, inches: boolean) {
  const [from, setFrom] = useState<Point>([0.2, 0.8]);
  const [to, setTo] = useState<Point>([0.2, 0.3]);
  const [line, setLine] = useState<Point[]>([
    [0.55, 0.8],
    [0.55, 0.4],
  ]);
  const [known, setKnown] = useState('');
  const plane = useRef<HTMLDivElement>(null);
  const lengthMm = Number(known.replace(',', '.')) * (inches ? 25.4 : 10);
  const px = ([x, y]: Point): Point => [x * picture.width, y * picture.height];
  const shownWide = plane.current?.querySelector('img')?.clientWidth || picture.width;
  const read =
    known.trim() === '' || !Number.isFinite(lengthMm)
      ? null
      : readLength(
          { from: px(from), to: px(to), lengthMm, along: line.map(px) },
          // A finger is so unsure on the screen: in the picture by as much more as it is larger.
          { clickPx: Math.max(CLICK_PX, (CLICK_PX * picture.width) / shownWide) },
        );
  const bend = () => {
    const [a, b] = [line[line.length - 2]!, line[line.length - 1]!];
    setLine([...line.slice(0, -1), [(a[0] + b[0]) / 2 + 0.01, (a[1] + b[1]) / 2], b]);
  };
  const straighten = () => setLine([...line.slice(0, -2), line[line.length - 1]!]);
  return { from, setFrom, to, setTo, line, setLine, known, setKnown, plane, read, bend, straighten };
}

type RulerOnPicture = ReturnType<typeof useRuler>;

function Ruler({ records, picture }: { records: InvestigationRecords; picture: Measured }) {
  const { investigation } = records;
  const navigate = useNavigate();
  const inches = investigation.resolution === 'quarter-in';
  const ruler = useRuler(picture, inches);
  const { read } = ruler;
  const [measure, setMeasure] = useState<string>('height');
  const [containerId, setContainerId] = useState(picture.containerIds.length === 1 ? picture.containerIds[0]! : '');
  const [plant, setPlant] = useState('1');
  const [saved, setSaved] = useState(false);
  const entry = useLogEntry(records);
  const { resolution } = investigation;
  const rows = logRows(records).filter((r) => r.containerId === containerId);
  const containers = investigation.containers.filter((c) => picture.containerIds.includes(c.id));
  const row = rows.find((r) => r.plant === plant) ?? rows[0];
  const save = async () => {
    if (!read || !row) return;
    const mm = Math.max(roundToResolution(read.mm, 'mm'), 1);
    const seen = { picture: picture.id, method: RULER_METHOD, low: tenth(read.low), high: tenth(read.high) };
    const finding = { ...numberFound(measure, mm, null), seen };
    const before = logCells(records.readings)(row, picture.day);
    await entry.save(row, picture.day, { ok: true, state: 'measured', finding }, before, '');
    setSaved(true);
  };
  return (
    <div className="ruler-view" ref={ruler.plane}>
      <Plane picture={picture} ruler={ruler} />
      <div className="ruler-side">
        <h2>{say('pictures.rulerPicture', { day: formatDay(picture.day) })}</h2>
        <Steps ruler={ruler} inches={inches} />
        <Read ruler={ruler} inches={inches} />
        <div className="ruler-what">
          <Choice label={say('pictures.whatWasMeasured')} value={measure} choices={measures()} onChoose={setMeasure} />
          {containers.length > 1 && (
            <Choice
              label={say('pictures.of')}
              value={containerId}
              choices={[['', say('pictures.choose')], ...containers.map((c) => [c.id, c.code] as const)]}
              onChoose={setContainerId}
            />
          )}
          {rows.length > 1 && (
            <Choice
              label={say('common.plant')}
              value={row!.plant}
              choices={rows.map((r) => [r.plant, r.plant] as const)}
              onChoose={setPlant}
            />
          )}
        </div>
        <p className="d-flex gap-2 flex-wrap">
          <button type="button" className="btn-next" disabled={!read || !row} onClick={() => void save().catch(() => undefined)}>
            {say('pictures.keepItFor', { name: row?.name ?? say('pictures.aContainer') })}
          </button>
          <button type="button" className="btn btn-plain" onClick={() => void navigate(-1)}>
            {say('common.back')}
          </button>
        </p>
        <p role="status">
          {entry.words ||
            (saved && row && say('pictures.standsLogPictureEvidence', { name: row.name, day: formatDay(picture.day) }))}
          {saved && !entry.words && resolution !== 'mm' && ` ${say('pictures.keptMillimetre')}`}
        </p>
      </div>
    </div>
  );
}

function Plane({ picture, ruler: { from, setFrom, to, setTo, line, setLine } }: { picture: Measured; ruler: RulerOnPicture }) {
  const nameOf = (i: number) =>
    i === 0 ? say('pictures.foot') : i === line.length - 1 ? say('pictures.tip') : say('pictures.bend', { i });
  return (
    <PicturePlane src={picture.src} size={picture} alt={say('pictures.pictureOf', { day: formatDay(picture.day) })}>
      <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
        <path d={`M${from.join(' ')}L${to.join(' ')}`} className="ruler-line" />
        <path d={`M${line.map((p) => p.join(' ')).join('L')}`} className="plant-line" />
      </svg>
      <DragPoint at={from} name={say('pictures.rulerFromHere')} className="ruler-end" onMove={setFrom} />
      <DragPoint at={to} name={say('pictures.rulerToHere')} className="ruler-end" onMove={setTo} />
      {line.map((at, i) => (
        <DragPoint
          key={i}
          at={at}
          name={nameOf(i)}
          className="plant-point"
          onMove={(moved) => setLine((before) => before.map((p, k) => (k === i ? moved : p)))}
        />
      ))}
    </PicturePlane>
  );
}

function Steps({ ruler: { line, known, setKnown, bend, straighten }, inches }: { ruler: RulerOnPicture; inches: boolean }) {
  return (
    <ol>
      <li>
        <Say it="pictures.dragTwoSquareEnds" b={(inside) => <b className="word-ruler">{inside}</b>} />
        <label>
          {say('pictures.apartInUnit', { inches })}
          <input className="form-control" inputMode="decimal" value={known} onChange={(e) => setKnown(e.target.value)} />
        </label>
      </li>
      <li>
        <Say it="pictures.dragRoundPlacesAlong" b={(inside) => <b className="word-plant">{inside}</b>} />{' '}
        <button type="button" className="btn" disabled={line.length >= 8} onClick={bend}>
          {say('pictures.bendMore')}
        </button>{' '}
        {line.length > 2 && (
          <button type="button" className="btn btn-plain" onClick={straighten}>
            {say('pictures.bendLess')}
          </button>
        )}
      </li>
    </ol>
  );
}

/** The length that is read, and how sure it is. */
function Read({ ruler: { known, read }, inches }: { ruler: RulerOnPicture; inches: boolean }) {
  const shown = (mm: number) => formatLength(mm, inches ? 'quarter-in' : 'mm');
  return (
    <output className="ruler-read" aria-live="polite">
      {read ? (
        <>
          <b>{shown(read.mm)}</b>
          <span>{say('pictures.confidenceBetweenHandPlaces', { low: shown(read.low), high: shown(read.high) })}</span>
        </>
      ) : (
        <span>{known.trim() === '' ? say('pictures.sayFirstFarSquare') : say('pictures.squareEndsLieToo')}</span>
      )}
    </output>
  );
}

function Choice({
  label,
  value,
  choices,
  onChoose,
}: {
  label: string;
  value: string;
  choices: readonly (readonly [value: string, label: string])[];
  onChoose: (value: string) => void;
}) {
  return (
    <label>
      {label}
      <select className="form-select" value={value} onChange={(e) => onChoose(e.target.value)}>
        {choices.map(([of, words]) => (
          <option key={of} value={of}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

const tenth = (mm: number) => Math.round(mm * 10) / 10;
