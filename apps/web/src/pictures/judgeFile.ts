import { say } from '@bright-sprout/words/say';
import { imageSize } from 'image-size';

/** What a browser opens and this page takes. */
const TAKEN = new Set(['jpg', 'png', 'webp']);
/** More pixels than this fill the memory of a telephone when they are opened. */
const MOST_PIXELS = 60_000_000;
/** Less than this shows no leaf. */
const LEAST_SIDE = 160;
const MOST_BYTES = 60_000_000;

export type JudgedFile = { ok: true; width: number; height: number; type: string } | { ok: false; why: string };

const no = (why: string): JudgedFile => ({ ok: false, why });

/** What a file is, by what stands in it and not by its name; a sentence where it cannot be taken. */
export function judgeFile(name: string, bytes: Uint8Array): JudgedFile {
  if (bytes.length === 0) return no(say('pictures.isEmpty', { name }));
  if (bytes.length > MOST_BYTES) return no(say('pictures.largerMbTakeFewer', { name }));
  const head = String.fromCharCode(...bytes.subarray(0, 12));
  if (head.startsWith('%PDF')) return no(say('pictures.pdfWhateverNameSays', { name }));
  if (/ftyp(heic|heix|heim|heis|hevc|mif1|msf1)/.test(head)) return no(say('pictures.heicPictureBrowserCannot', { name }));
  let size: { width: number; height: number; type?: string };
  try {
    size = imageSize(bytes);
  } catch {
    return no(say('pictures.pictureRead', { name }));
  }
  const { width, height, type = '' } = size;
  if (!TAKEN.has(type)) return no(say('pictures.fileKindJpegPng', { name, type: type || '?' }));
  if (width * height > MOST_PIXELS)
    return no(say('pictures.millionPixelsMostOpened', { name, millions: Math.round((width * height) / 1e6) }));
  if (Math.min(width, height) < LEAST_SIDE)
    return no(say('pictures.pixelsTooSmallSee', { name, width, height, leastSide: LEAST_SIDE }));
  return { ok: true, width, height, type };
}

/** The day that stands in a file's name, as cameras write it: `IMG_20260312_104000.jpg`, `2026-03-12 10.40.jpg`. */
export function dayInName(name: string): string | null {
  const found = /(?:^|[^0-9])(20\d\d)[-_.]?(0[1-9]|1[0-2])[-_.]?(0[1-9]|[12]\d|3[01])(?![0-9])/.exec(name);
  return found ? `${found[1]}-${found[2]}-${found[3]}` : null;
}
