import { told } from '@bright-sprout/words/say';
import { MOST_PHOTO_BYTES, PHOTO_TYPES } from '@bright-sprout/contracts/photos';
import { StreamableFile } from '@nestjs/common';
import { raw, type Request, type Response } from 'express';
import { Problem } from '../problems/problem';

/** Reads a picture that is sent as it is. */
export const PICTURE_BODY = raw({ type: [...PHOTO_TYPES], limit: MOST_PHOTO_BYTES });

export function pictureOf(body: unknown): Buffer {
  if (Buffer.isBuffer(body) && body.length > 0) return body;
  throw new Problem(
    415,
    told('refusals.sendPictureMostMb', { photoTypes: PHOTO_TYPES.join(', '), mostPhotoBytes: MOST_PHOTO_BYTES / 1e6 }),
  );
}

/** A picture as it lies in the store. */
export interface StoredFile {
  jpeg: Buffer;
  hash: string;
}

/** For a device that many hands hold: nothing of it stays there. */
export const asFile = ({ jpeg }: StoredFile) => new StreamableFile(jpeg, { type: 'image/jpeg' });

/** For the teacher's own: kept, and asked about each time, so that what was taken back is shown no more. */
export function asKeptFile(request: Request, response: Response, { jpeg, hash }: StoredFile): StreamableFile | undefined {
  response.set({ 'cache-control': 'private, no-cache', etag: `"${hash}"` });
  if (!request.fresh) return asFile({ jpeg, hash });
  response.status(304);
  return undefined;
}
