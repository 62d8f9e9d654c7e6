import { wordsOfPage } from '../words/language';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  type FilmAnswer,
  type FilmAsked,
  type FilmCounted,
  type FilmCut,
  type FilmQuestion,
  type LiveSeen,
} from './filmQuestion';

/** A picture as it was taken and as it was counted, straightened. */
export interface ShownFrame {
  id: string;
  taken: ImageBitmap;
  counted: ImageBitmap;
}

/** A film that is held and counted beside the page. */
export interface FilmBeside {
  /** How many pictures are ready; null once all are counted. */
  progress: { done: number; of: number } | null;
  counted: FilmCounted | null;
  thumbs: ReadonlyMap<string, ImageBitmap>;
  shown: ShownFrame | null;
  /** What is being made of it, from 0 to 1. */
  making: number | null;
  show: (id: string) => void;
  gif: (cut: FilmCut, msEach: number) => Promise<ArrayBuffer | null>;
  pngs: (cut: FilmCut) => Promise<ArrayBuffer | null>;
  cut: (cut: FilmCut) => Promise<ImageBitmap[]>;
  outline: (id: string) => Promise<ImageBitmap | null>;
  live: (bitmap: ImageBitmap) => Promise<LiveSeen | null>;
  /** Ends what is being made; the film is opened again. */
  stop: () => void;
}

type Waiting = (answer: FilmAnswer | null) => void;

/** @param film what is asked for; its pictures are opened anew only where they have changed */
export function useFilm(film: FilmAsked | null): FilmBeside {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const waiting = useRef<{ kinds: FilmAnswer['kind'][]; go: Waiting }[]>([]);
  const wanted = useRef<string | null>(null);
  const [progress, setProgress] = useState<FilmBeside['progress']>(null);
  const [counted, setCounted] = useState<FilmCounted | null>(null);
  const [thumbs, setThumbs] = useState<ReadonlyMap<string, ImageBitmap>>(new Map());
  const [shown, setShown] = useState<ShownFrame | null>(null);
  const [making, setMaking] = useState<number | null>(null);
  const [again, setAgain] = useState(0);

  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    for (const { go } of waiting.current.splice(0)) go(null);
    setMaking(null);
  }, []);
  useEffect(() => end, [end]);

  const begin = useCallback(() => {
    if (worker.current) return worker.current;
    const made = new Worker(new URL('./film.worker.ts', import.meta.url), { type: 'module', name: wordsOfPage() });
    made.onmessage = ({ data }: MessageEvent<FilmAnswer>) => {
      if (data.kind === 'progress') setProgress(data);
      else if (data.kind === 'thumb') setThumbs((before) => new Map(before).set(data.id, data.bitmap));
      else if (data.kind === 'shown') setShown(data);
      else if (data.kind === 'making') setMaking(data.share);
      else if (data.kind === 'counted') {
        if (data.number !== asked.current) return;
        setProgress(null);
        setCounted(data.counted);
        if (wanted.current) made.postMessage({ kind: 'show', id: wanted.current } satisfies FilmQuestion);
      } else {
        const at = waiting.current.findIndex((w) => w.kinds.includes(data.kind));
        if (at >= 0) waiting.current.splice(at, 1)[0]!.go(data);
        if (data.kind === 'made' || data.kind === 'failed') setMaking(null);
      }
    };
    return (worker.current = made);
  }, []);

  const key = film && JSON.stringify(film);
  useEffect(() => {
    if (key === null) return;
    const number = ++asked.current;
    const film = JSON.parse(key) as FilmAsked;
    // From now on what was counted is old, until it is counted anew.
    setProgress({ done: 0, of: film.frames.length });
    begin().postMessage({ kind: 'open', number, film } satisfies FilmQuestion);
  }, [key, begin, again]);

  const ask = useCallback(
    (question: FilmQuestion, kinds: FilmAnswer['kind'][], transfer: Transferable[] = []) =>
      new Promise<FilmAnswer | null>((go) => {
        waiting.current.push({ kinds, go });
        begin().postMessage(question, transfer);
      }),
    [begin],
  );
  const show = useCallback(
    (id: string) => {
      wanted.current = id;
      worker.current?.postMessage({ kind: 'show', id } satisfies FilmQuestion);
    },
    [wanted],
  );
  const stop = useCallback(() => {
    end();
    setAgain((n) => n + 1);
  }, [end]);
  return useMemo(
    () => ({
      progress,
      counted,
      thumbs,
      shown,
      making,
      show,
      stop,
      ...asking(ask, () => setMaking(0)),
    }),
    [progress, counted, thumbs, shown, making, show, stop, ask],
  );
}

type Ask = (question: FilmQuestion, kinds: FilmAnswer['kind'][], transfer?: Transferable[]) => Promise<FilmAnswer | null>;

/** What the worker is asked for once it has the film. */
const asking = (ask: Ask, begin: () => void): Pick<FilmBeside, 'gif' | 'pngs' | 'cut' | 'outline' | 'live'> => ({
  gif: async (cut, msEach) => {
    begin();
    const made = await ask({ kind: 'gif', cut, msEach }, ['made', 'failed']);
    return made?.kind === 'made' ? made.bytes : null;
  },
  pngs: async (cut) => {
    begin();
    const made = await ask({ kind: 'pngs', cut }, ['made', 'failed']);
    return made?.kind === 'made' ? made.bytes : null;
  },
  cut: async (cut) => {
    const made = await ask({ kind: 'cut', cut }, ['cut', 'failed']);
    return made?.kind === 'cut' ? made.bitmaps : [];
  },
  outline: async (id) => {
    const drawn = await ask({ kind: 'outline', id }, ['outlined', 'failed']);
    return drawn?.kind === 'outlined' ? drawn.bitmap : null;
  },
  live: async (bitmap) => {
    const seen = await ask({ kind: 'live', bitmap }, ['seen', 'failed'], [bitmap]);
    return seen?.kind === 'seen' ? seen.seen : null;
  },
});
