import { say } from '@bright-sprout/words/say';
import { Say } from '../words/Say';
import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { type ReactNode, type RefObject, useEffect, useMemo, useState } from 'react';
import { type LiveSeen } from '../workers/filmQuestion';
import { useFilm } from '../workers/useFilm';
import { askedOf } from './askedOf';
import { FileButton } from './FileButton';
import { cornersInPlace, lightScale, middleLuma } from './guides';
import { LastOutline } from './LastOutline';
import { smallPixels, useOthersLight } from './othersLight';
import { readFiles, readyToRead } from './readFiles';
import { LightRuler, Plumb } from './TakingGuides';
import { type CameraState, useCamera } from './useCamera';
import './taking.scss';

const LIVE_EVERY_MS = 500;
/** Only so do browsers keep colours as fine as shapes. */
const BEST = 1;

interface Props {
  film: FilmView;
  /** Where pictures of the film are asked for. */
  path: string;
  head: ReactNode;
  /** Keeps a picture; what it says afterwards stands in place of the camera. */
  onKeep: (picture: Blob) => Promise<void>;
  done: ReactNode;
}

/** Takes today's picture: yesterday's outline to line up with, straight down, in the same light, and nobody in it. */
export function Taking({ film, path, head, onKeep, done }: Props) {
  const [kept, setKept] = useState(false);
  const taken = useTaken();
  const { picture, problem } = taken;
  const last = film.frames[film.frames.length - 1] ?? null;
  const asked = useMemo(() => (last ? askedOf(film, withCorners(film), path) : null), [film, last, path]);
  const beside = useFilm(asked);
  const { video, state } = useCamera(!kept);
  const ready = beside.counted !== null;
  const { seen, luma } = useSeen({ video, on: state === 'on', picture, ready, live: beside.live });
  const others = useOthersLight(film, path);
  const known = beside.counted?.frames.find((f) => f.id === last?.id)?.corners ?? null;
  useEffect(readyToRead, []);
  const light = luma === null ? null : lightScale(luma, others);
  if (kept)
    return (
      <main className="taking">
        {head}
        <div className="taking-done">{done}</div>
      </main>
    );
  return (
    <main className="taking">
      {head}
      <div className="taking-sight">
        {/* It stays on behind the picture, so that another one can be taken at once. */}
        <video
          ref={video}
          playsInline
          muted
          hidden={state !== 'on' || picture !== null}
          aria-label={say('pictures.cameraSees')}
        />
        {picture && <img src={picture.url} alt={say('pictures.pictureTaken')} />}
        {!picture && state === 'on' && (
          <LastOutline
            beside={beside}
            lastId={ready ? (last?.id ?? null) : null}
            known={known}
            inPlace={cornersInPlace(seen?.corners ?? null, known)}
            looks={seen !== null}
          />
        )}
        {!picture && state !== 'on' && <NoCamera state={state} last={last ? `${path}/${last.id}` : null} />}
        {picture && known && (
          <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
            <polygon points={known.map((p) => p.join(',')).join(' ')} />
          </svg>
        )}
      </div>
      <div className="taking-guides">
        {(picture !== null || state === 'on') && (
          <>
            <Plumb tilt={seen?.tilt ?? null} waits={last !== null} found={seen?.corners !== null && seen !== null} />
            {light && <LightRuler light={light} others={others.length} />}
          </>
        )}
        {problem && (
          <p className="notice" role="alert">
            {problem}
          </p>
        )}
        <p className="no-faces">{picture ? say('pictures.nobodysFaceHand') : say('pictures.facesPleaseOnlyPlants')}</p>
        <div className="taking-acts">
          {picture ? (
            <KeepOrAgain taken={taken} onKeep={() => onKeep(picture.blob).then(() => setKept(true))} />
          ) : (
            <TakeOrFile camera={state === 'on'} onTake={() => taken.fromCamera(video.current!)} onFile={taken.fromFile} />
          )}
        </div>
      </div>
    </main>
  );
}

interface Picture {
  blob: Blob;
  url: string;
}

/** The picture that was taken or chosen, until it is kept or taken again, and what was wrong with it. */
function useTaken() {
  const [picture, setPicture] = useState<Picture | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const show = (blob: Blob) => {
    setProblem(null);
    setPicture({ blob, url: URL.createObjectURL(blob) });
  };
  const again = () => {
    if (picture) URL.revokeObjectURL(picture.url);
    setPicture(null);
  };
  const fromCamera = (from: HTMLVideoElement) => {
    if (from.videoWidth === 0) return;
    const canvas = document.createElement('canvas');
    const scale = Math.min(1, 1600 / Math.max(from.videoWidth, from.videoHeight));
    canvas.width = Math.round(from.videoWidth * scale);
    canvas.height = Math.round(from.videoHeight * scale);
    canvas.getContext('2d')!.drawImage(from, 0, 0, canvas.width, canvas.height);
    canvas.toBlob((blob) => blob && show(blob), 'image/jpeg', BEST);
  };
  const fromFile = (file: File | undefined) => {
    if (!file) return;
    setProblem(null);
    void readFiles([file], (read) => (read.ok ? show(read.picture) : setProblem(read.why)));
  };
  return { picture, problem, setProblem, again, fromCamera, fromFile };
}

/** What is seen by the camera twice a second, or in the picture that was taken, so that a file is judged as well. */
function useSeen({
  video,
  on,
  picture,
  ready,
  live,
}: {
  video: RefObject<HTMLVideoElement | null>;
  on: boolean;
  picture: Picture | null;
  ready: boolean;
  live: (bitmap: ImageBitmap) => Promise<LiveSeen | null>;
}) {
  const [seen, setSeen] = useState<LiveSeen | null>(null);
  const [luma, setLuma] = useState<number | null>(null);
  useEffect(() => {
    if (!on || picture) return;
    let going = true;
    const look = async () => {
      while (going) {
        const from = video.current;
        if (from && from.videoWidth > 0) {
          setLuma(middleLuma(smallPixels(from)));
          if (ready) setSeen(await live(await createImageBitmap(from)));
        }
        await new Promise((next) => setTimeout(next, LIVE_EVERY_MS));
      }
    };
    void look();
    return () => {
      going = false;
    };
  }, [on, picture, ready, live, video]);
  useEffect(() => {
    if (!picture) return;
    let left = false;
    const look = async () => {
      const bitmap = await createImageBitmap(picture.blob);
      if (left) return bitmap.close();
      setLuma(middleLuma(smallPixels(bitmap)));
      const found = ready ? await live(bitmap) : (bitmap.close(), null);
      if (!left) setSeen(found);
    };
    void look();
    return () => {
      left = true;
    };
  }, [picture, ready, live]);
  return { seen, luma };
}

function KeepOrAgain({
  taken: { setProblem, again },
  onKeep,
}: {
  taken: ReturnType<typeof useTaken>;
  onKeep: () => Promise<void>;
}) {
  const [keeping, setKeeping] = useState(false);
  const keep = async () => {
    setKeeping(true);
    setProblem(null);
    try {
      await onKeep();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : say('pictures.workPictureStill'));
    } finally {
      setKeeping(false);
    }
  };
  return (
    <>
      <button type="button" className="btn-next" disabled={keeping} onClick={() => void keep()}>
        {keeping ? say('pictures.keeping') : say('pictures.nobodyKeep')}
      </button>
      <button type="button" className="btn" onClick={again}>
        {say('pictures.takeAgain')}
      </button>
    </>
  );
}

function TakeOrFile({
  camera,
  onTake,
  onFile,
}: {
  camera: boolean;
  onTake: () => void;
  onFile: (file: File | undefined) => void;
}) {
  return (
    <>
      {camera ? (
        <button type="button" className="btn-next taking-take" onClick={onTake}>
          <TakeMark />{' '}
          <span>
            <Say it="pictures.takeHoldStill" b={(inside) => <b>{inside}</b>} />
          </span>
        </button>
      ) : (
        <FileButton className="btn-next" capture onFile={onFile}>
          {say('pictures.takeCamera')}
        </FileButton>
      )}
      <FileButton className="btn" onFile={onFile}>
        {say('pictures.fromAFile')}
      </FileButton>
    </>
  );
}

/** The last picture, and the first in which the corners are known. */
function withCorners(film: FilmView) {
  const last = film.frames[film.frames.length - 1]!;
  const said = [...film.frames].reverse().find((f) => f.mendings.some((m) => m.kind === 'corners'));
  return said && said !== last ? [said, last] : [last];
}

/** What stands in place of a camera that is not there, or not yet. */
function NoCamera({ state, last }: { state: CameraState; last: string | null }) {
  return (
    <>
      {last && state !== 'asking' && <img src={last} alt={say('pictures.pictureBefore')} className="taking-before" />}
      <p className={`taking-none${last ? ' over' : ''}`}>
        {state === 'asking'
          ? say('pictures.askingCamera')
          : state === 'refused'
            ? say('pictures.cameraAllowedAllowBrowsers')
            : last
              ? say('pictures.layBeforeHoldAgain')
              : say('pictures.cameraPageButtonBelow')}
      </p>
    </>
  );
}

const TakeMark = () => (
  <svg width="58" height="46" viewBox="0 0 58 46" aria-hidden="true" fill="none" stroke="#2a1b2e">
    <path d="M2 12V3h11M45 3h11v9M56 34v9H45M13 43H2v-9" strokeWidth="4" />
    <path d="M14 12h30v22H14zM24 12v22M34 12v22M14 23h30" strokeWidth="1.600" fill="#fff" />
  </svg>
);
