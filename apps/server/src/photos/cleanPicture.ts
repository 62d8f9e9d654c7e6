import { told } from '@bright-sprout/words/say';
import sharp from 'sharp';
import { Problem } from '../problems/problem';
import { Turns } from '../turns';

const WIDEST = 1600;
const SMALL = 360;
/** A picture of more pixels is no class photo; unpacking it could fill the memory. */
const MOST_PIXELS = 40_000_000;

export interface CleanPicture {
  full: Buffer;
  small: Buffer;
  width: number;
  height: number;
}

const FORMATS = new Set<string | undefined>(['jpeg', 'png', 'webp']);

/** Two pictures are drawn at once, so that checks go on beside them. */
const turns = new Turns(2, 40, told('refusals.veryManyPicturesArrive'));

/**
 * The picture newly encoded as JPEG, upright, at most 1600 pixels wide or high, without anything that came with it: place,
 * device and time stay behind. A second, small version is for lists.
 */
export async function cleanPicture(sent: Buffer): Promise<CleanPicture> {
  return turns.take(() => drawAnew(sent));
}

async function drawAnew(sent: Buffer): Promise<CleanPicture> {
  try {
    // Taken by what it is, not by what it is called: drawings and documents are no pictures of a plant.
    const { format } = await sharp(sent, { limitInputPixels: MOST_PIXELS }).metadata();
    if (!FORMATS.has(format)) throw new Error(`no picture: ${format}`);
    const upright = () =>
      sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error' }).rotate().flatten({ background: '#fff' });
    const full = await upright()
      .resize(WIDEST, WIDEST, { fit: 'inside', withoutEnlargement: true })
      // Colours as fine as shapes: what is counted green is told by the colour at the edges of leaves.
      .jpeg({ quality: 82, mozjpeg: true, chromaSubsampling: '4:4:4' })
      .toBuffer({ resolveWithObject: true });
    const small = await upright()
      .resize(SMALL, SMALL, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 76 })
      .toBuffer();
    return { full: full.data, small, width: full.info.width, height: full.info.height };
  } catch {
    throw new Problem(422, told('refusals.filePictureReadTake'));
  }
}
