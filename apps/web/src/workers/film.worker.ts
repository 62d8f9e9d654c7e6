import { countedPicture, outlineOf } from '@bright-sprout/core/pictures/countedPicture';
import { cornersOf, homography, through } from '@bright-sprout/core/pictures/homography';
import { type Picture } from '@bright-sprout/core/pictures/picture';
import { sectionEdges } from '@bright-sprout/core/pictures/sectionGrid';
import { zipSync } from 'fflate';
import { applyPalette, GIFEncoder, quantize } from 'gifenc';
import { type FilmAnswer, type FilmAsked, type FilmCut, type FilmQuestion } from './filmQuestion';
import { HeldFilm } from './heldFilm';
import { onceWorded } from '../words/wordsInWorker';

/** Pictures are opened no larger than this: the server keeps no more either. */
const WIDEST = 1600;
/** What the camera sees is looked at this small, so that it can be told several times a second. */
const LIVE_WIDTH = 480;
const COLOURS = 128;
const THUMB = 112;

const say = (answer: FilmAnswer, transfer: Transferable[] = []) => postMessage(answer, { transfer });

function pixelsOf(bitmap: ImageBitmap, widest: number): Picture {
  const scale = Math.min(1, widest / Math.max(bitmap.width, bitmap.height));
  const canvas = new OffscreenCanvas(Math.round(bitmap.width * scale), Math.round(bitmap.height * scale));
  const pen = canvas.getContext('2d', { willReadFrequently: true })!;
  pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const { width, height, data } = pen.getImageData(0, 0, canvas.width, canvas.height);
  return { width, height, data };
}

async function decode(url: string): Promise<Picture> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`${response.status}`);
  return pixelsOf(await createImageBitmap(await response.blob(), { imageOrientation: 'from-image' }), WIDEST);
}

const imageOf = ({ width, height, data }: Picture) => new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height);

const held = new HeldFilm(decode);
let film: FilmAsked | null = null;
/** The newest film that was asked for; older ones end. */
let newest = 0;
/** Questions are answered one after the other, but a newer film ends the one before it. */
let line = Promise.resolve();

onmessage = onceWorded(({ data }: MessageEvent<FilmQuestion>) => {
  if (data.kind === 'open') newest = data.number;
  line = line.then(() => answer(data)).catch((error: unknown) => say({ kind: 'failed', reason: String(error) }));
});

async function answer(question: FilmQuestion): Promise<void> {
  switch (question.kind) {
    case 'open':
      if (question.number === newest) await open(question.film, question.number);
      return;
    case 'show':
      return show(question.id);
    case 'outline':
      return outline(question.id);
    case 'live':
      return say({ kind: 'seen', seen: held.seen(pixelsOf(question.bitmap, LIVE_WIDTH)) });
    case 'gif':
      return gif(question.cut, question.msEach);
    case 'pngs':
      return pngs(question.cut);
    case 'cut': {
      const bitmaps = question.cut.frames.flatMap((f) => cutOf(question.cut, f)?.transferToImageBitmap() ?? []);
      return say({ kind: 'cut', bitmaps }, bitmaps);
    }
  }
}

const thumbed = new Map<string, unknown>();

async function open(asked: FilmAsked, number: number): Promise<void> {
  film = asked;
  const of = asked.frames.length;
  const counted = await held.open(asked, (done, id) => {
    say({ kind: 'progress', done, of });
    const shown = held.picture(id);
    if (shown && thumbed.get(id) !== shown) {
      thumbed.set(id, shown);
      void thumb(id, shown);
    }
    return number === newest;
  });
  if (counted && number === newest) say({ kind: 'counted', number, counted });
}

async function thumb(id: string, picture: Picture): Promise<void> {
  const bitmap = await createImageBitmap(imageOf(picture), { resizeWidth: THUMB, resizeQuality: 'medium' });
  say({ kind: 'thumb', id, bitmap }, [bitmap]);
}

async function show(id: string): Promise<void> {
  const shown = held.shown(id);
  if (!shown) return;
  const [taken, counted] = await Promise.all([
    createImageBitmap(imageOf(shown.picture)),
    createImageBitmap(imageOf(countedPicture(shown.picture, shown.mask))),
  ]);
  say({ kind: 'shown', id, taken, counted }, [taken, counted]);
}

/** Yesterday's outlines as they lie in yesterday's picture, white on nothing. */
function outline(id: string): void {
  const [shown, corners] = [held.shown(id), held.cornersOf(id)];
  const map = corners && homography(cornersOf(1, 1), corners);
  if (!shown || !map) return;
  const canvas = new OffscreenCanvas(640, 480);
  const pen = canvas.getContext('2d')!;
  pen.fillStyle = '#fff';
  for (const place of outlineOf(shown.mask, shown.picture)) {
    const [x, y] = through(map, place);
    pen.fillRect(x * canvas.width - 0.5, y * canvas.height - 0.5, 1.4, 1.4);
  }
  const bitmap = canvas.transferToImageBitmap();
  say({ kind: 'outlined', id, bitmap }, [bitmap]);
}

/** One picture of what a film is made into. */
function cutOf({ sections, counted, width }: FilmCut, { id, label }: FilmCut['frames'][number]): OffscreenCanvas | null {
  const shown = held.shown(id);
  if (!shown || !film) return null;
  const picture = counted ? countedPicture(shown.picture, shown.mask) : shown.picture;
  const whole = new OffscreenCanvas(picture.width, picture.height);
  whole.getContext('2d')!.putImageData(imageOf(picture), 0, 0);
  const parts =
    sections.length === 0 ? [{ left: 0, right: 1, top: 0, bottom: 1 }] : sections.map((s) => sectionEdges(film!.grid, s));
  const gap = parts.length > 1 ? 6 : 0;
  const each = (width - gap * (parts.length - 1)) / parts.length;
  const ratio = ((parts[0]!.bottom - parts[0]!.top) * picture.height) / ((parts[0]!.right - parts[0]!.left) * picture.width);
  const canvas = new OffscreenCanvas(width, Math.round(each * ratio) + LABEL);
  const pen = canvas.getContext('2d', { willReadFrequently: true })!;
  pen.fillStyle = '#2a1b2e';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  parts.forEach((p, i) =>
    pen.drawImage(
      whole,
      p.left * picture.width,
      p.top * picture.height,
      (p.right - p.left) * picture.width,
      (p.bottom - p.top) * picture.height,
      i * (each + gap),
      0,
      each,
      canvas.height - LABEL,
    ),
  );
  pen.fillStyle = '#fff';
  pen.font = 'bold 17px sans-serif';
  pen.textBaseline = 'middle';
  pen.fillText(label, 10, canvas.height - LABEL / 2);
  return canvas;
}

const LABEL = 28;

const pixels = (canvas: OffscreenCanvas) => canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height).data;

function gif(cut: FilmCut, msEach: number): void {
  const encoder = GIFEncoder();
  let palette: number[][] | null = null;
  cut.frames.forEach((frame, i) => {
    const canvas = cutOf(cut, frame);
    if (canvas) {
      const data = pixels(canvas);
      // One set of colours for all, from a late picture, in which everything that is green has its place.
      palette ??= quantize(paletteSource(cut) ?? data, COLOURS);
      encoder.writeFrame(applyPalette(data, palette), canvas.width, canvas.height, { palette, delay: msEach });
    }
    say({ kind: 'making', share: (i + 1) / cut.frames.length });
  });
  encoder.finish();
  const bytes = encoder.bytes().slice().buffer as ArrayBuffer;
  say({ kind: 'made', bytes }, [bytes]);
}

function paletteSource(cut: FilmCut): Uint8ClampedArray | null {
  const some = [0.15, 0.6, 0.99].flatMap((share) => cutOf(cut, cut.frames[Math.floor(share * cut.frames.length)]!) ?? []);
  const parts = some.map(pixels);
  if (parts.length === 0) return null;
  const all = new Uint8ClampedArray(parts.reduce((n, p) => n + p.length, 0));
  parts.reduce((at, p) => (all.set(p, at), at + p.length), 0);
  return all;
}

async function pngs(cut: FilmCut): Promise<void> {
  const files: Record<string, Uint8Array> = {};
  for (const [i, frame] of cut.frames.entries()) {
    const png = await cutOf(cut, frame)?.convertToBlob({ type: 'image/png' });
    if (png)
      files[`${String(i + 1).padStart(3, '0')}-${frame.label.replace(/[^a-z0-9]+/gi, '-').toLowerCase()}.png`] = new Uint8Array(
        await png.arrayBuffer(),
      );
    say({ kind: 'making', share: (i + 1) / cut.frames.length });
  }
  // Pictures are packed already.
  const bytes = zipSync(files, { level: 0 }).slice().buffer as ArrayBuffer;
  say({ kind: 'made', bytes }, [bytes]);
}
