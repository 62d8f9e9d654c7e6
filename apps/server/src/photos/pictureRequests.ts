import { MOST_PHOTO_BYTES, PHOTO_TYPES } from '@bright-sprout/contracts/photos';
import { StreamableFile } from '@nestjs/common';
import { raw } from 'express';
import { Problem } from '../problems/problem';

export const CACHED = 'private, max-age=31536000, immutable';

/** Reads a picture that is sent as it is. */
export const PICTURE_BODY = raw({ type: [...PHOTO_TYPES], limit: MOST_PHOTO_BYTES });

export function pictureOf(body: unknown): Buffer {
  if (Buffer.isBuffer(body) && body.length > 0) return body;
  throw new Problem(415, `Send a picture as ${PHOTO_TYPES.join(', ')}, of at most ${MOST_PHOTO_BYTES / 1e6} MB.`);
}

export const asFile = (jpeg: Buffer) => new StreamableFile(jpeg, { type: 'image/jpeg' });
