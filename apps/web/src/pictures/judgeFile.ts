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
  if (bytes.length === 0) return no(`“${name}” is empty.`);
  if (bytes.length > MOST_BYTES) return no(`“${name}” is larger than 60 MB. Take it with fewer pixels.`);
  const head = String.fromCharCode(...bytes.subarray(0, 12));
  if (head.startsWith('%PDF')) return no(`“${name}” is a PDF, whatever its name says. Send the picture itself.`);
  if (/ftyp(heic|heix|heim|heis|hevc|mif1|msf1)/.test(head))
    return no(
      `“${name}” is a HEIC picture, which this browser cannot open. Let the telephone save pictures as JPEG (“most compatible”).`,
    );
  let size: { width: number; height: number; type?: string };
  try {
    size = imageSize(bytes);
  } catch {
    return no(`“${name}” is no picture that can be read here.`);
  }
  const { width, height, type = '' } = size;
  if (!TAKEN.has(type)) return no(`“${name}” is a file of the kind ${type || 'unknown'}. JPEG, PNG and WebP can be taken.`);
  if (width * height > MOST_PIXELS)
    return no(
      `“${name}” has ${Math.round((width * height) / 1e6)} million pixels; at most 60 can be opened here. Take it with fewer.`,
    );
  if (Math.min(width, height) < LEAST_SIDE)
    return no(`“${name}” is ${width} × ${height} pixels: too small to see a leaf in. At least ${LEAST_SIDE} on each side.`);
  return { ok: true, width, height, type };
}

/** The day that stands in a file's name, as cameras write it: `IMG_20260312_104000.jpg`, `2026-03-12 10.40.jpg`. */
export function dayInName(name: string): string | null {
  const found = /(?:^|[^0-9])(20\d\d)[-_.]?(0[1-9]|1[0-2])[-_.]?(0[1-9]|[12]\d|3[01])(?![0-9])/.exec(name);
  return found ? `${found[1]}-${found[2]}-${found[3]}` : null;
}
