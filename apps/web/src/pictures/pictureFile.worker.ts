import { say } from '@bright-sprout/words/say';
import exifr from 'exifr';
import { dayInName, judgeFile } from './judgeFile';
import { type ReadFile } from './readFiles';
import { onceWorded } from '../words/wordsInWorker';

/** Wider or higher is not needed: the server keeps no more. */
const WIDEST = 1600;
/** The best there is: only so do browsers keep colours as fine as shapes, and by the colour at the edges of leaves green is told. */
const QUALITY = 1;

const two = (n: number) => String(n).padStart(2, '0');

onmessage = onceWorded(async ({ data: file }: MessageEvent<File>) => postMessage(await read(file)));

async function read(file: File): Promise<ReadFile> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const judged = judgeFile(file.name, bytes);
  if (!judged.ok) return { ok: false, name: file.name, why: judged.why };
  const taken = await takenOn(bytes);
  try {
    const bitmap = await createImageBitmap(new Blob([bytes]), { imageOrientation: 'from-image' });
    const scale = Math.min(1, WIDEST / Math.max(bitmap.width, bitmap.height));
    const canvas = new OffscreenCanvas(Math.round(bitmap.width * scale), Math.round(bitmap.height * scale));
    canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    // Drawn anew: place, device and time stay behind on this device.
    const picture = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
    const noCamera = taken === null && judged.type === 'png';
    return { ok: true, name: file.name, picture, day: taken ?? dayInName(file.name), noCamera };
  } catch {
    return { ok: false, name: file.name, why: say('pictures.cannotOpenedMayBroken', { name: file.name }) };
  }
}

/** The day on which a camera says it took a picture, on the camera's own clock. */
async function takenOn(bytes: Uint8Array): Promise<string | null> {
  const found = (await exifr.parse(bytes, { pick: ['DateTimeOriginal', 'CreateDate'] }).catch(() => undefined)) as
    { DateTimeOriginal?: Date; CreateDate?: Date } | undefined;
  const at = found?.DateTimeOriginal ?? found?.CreateDate;
  if (!(at instanceof Date) || Number.isNaN(at.getTime())) return null;
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}
