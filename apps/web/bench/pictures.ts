import { type Quad } from '@bright-sprout/core/pictures/picture';
import { readFiles } from '../src/pictures/readFiles';
import { type FilmAnswer, type FilmAsked, type FilmQuestion } from '../src/workers/filmQuestion';

/** What was measured, in milliseconds. */
interface Measured {
  /** A plain loop over every pixel of the picture, in a worker. */
  loop: number;
  /** Opened, judged, dated and drawn anew. */
  redrawn: number;
  /** Lined up, straightened and counted. */
  counted: number;
  gif: number;
  /** The longest for which the page did not answer meanwhile. */
  blocked: number;
}

const FRAMES = 30;
const PLAIN = `onmessage = async ({ data }) => {
  const bitmap = await createImageBitmap(data);
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  const pen = canvas.getContext('2d');
  pen.drawImage(bitmap, 0, 0);
  const pixels = pen.getImageData(0, 0, bitmap.width, bitmap.height).data;
  const from = performance.now();
  let sum = 0;
  for (let i = 0; i < pixels.length; i += 4) sum += pixels[i] + pixels[i + 1] + pixels[i + 2];
  postMessage([performance.now() - from, sum]);
};`;

const answerOf = <T>(worker: Worker, question: unknown, isIt: (data: T) => boolean): Promise<T> =>
  new Promise((done) => {
    worker.onmessage = ({ data }: MessageEvent<T>) => isIt(data) && done(data);
    worker.postMessage(question);
  });

/** @param corners where the pan lies, shares of the picture */
async function measure(address: string, corners: Quad): Promise<Measured> {
  const blob = await (await fetch(address)).blob();
  const plain = new Worker(URL.createObjectURL(new Blob([PLAIN], { type: 'text/javascript' })));
  const [loop] = await answerOf<[number, number]>(plain, blob, () => true);
  let blocked = 0;
  let last = performance.now();
  const beat = setInterval(() => {
    blocked = Math.max(blocked, performance.now() - last - 4);
    last = performance.now();
  }, 4);
  let from = performance.now();
  let redrawn: Blob | null = null;
  await readFiles([new File([blob], 'pan.jpg', { type: 'image/jpeg' })], (read) => (redrawn = read.ok ? read.picture : null));
  if (!redrawn) throw new Error('The picture was refused.');
  const redrawnMs = performance.now() - from;
  const url = URL.createObjectURL(redrawn);
  const worker = new Worker(new URL('../src/workers/film.worker.ts', import.meta.url), { type: 'module' });
  const film = (frames: number, said: boolean): FilmAsked => ({
    grid: { columns: 3, rows: 2, cells: ['a', 'b', 'c', 'd', 'e', 'f'] },
    wideMm: 420,
    deepMm: 280,
    index: 'excess-green',
    frames: Array.from({ length: frames }, (_, i) => ({
      id: String(i),
      url,
      corners: i === 0 || said ? corners : null,
      white: null,
      strokes: [],
    })),
  });
  const open = (number: number, asked: FilmAsked): FilmQuestion => ({ kind: 'open', number, film: asked });
  const isCounted = (a: FilmAnswer) => a.kind === 'counted';
  // The first is opened once, so that what is measured is one more picture, lined up to it.
  await answerOf<FilmAnswer>(worker, open(1, film(1, true)), isCounted);
  from = performance.now();
  await answerOf<FilmAnswer>(worker, open(2, film(2, false)), isCounted);
  const counted = performance.now() - from;
  await answerOf<FilmAnswer>(worker, open(3, film(FRAMES, true)), isCounted);
  from = performance.now();
  const frames = Array.from({ length: FRAMES }, (_, i) => ({ id: String(i), label: `day ${i}` }));
  const cut: FilmQuestion = { kind: 'gif', msEach: 500, cut: { frames, sections: [], counted: false, width: 480 } };
  await answerOf<FilmAnswer>(worker, cut, (a) => a.kind === 'made');
  const gif = performance.now() - from;
  clearInterval(beat);
  return { loop, redrawn: redrawnMs, counted, gif, blocked };
}

Object.assign(window, { measure });
