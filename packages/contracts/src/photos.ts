import { fault } from '@bright-sprout/words/say';
import { IsUUID, Matches } from 'class-validator';
import { IsMoment } from './moment';

/** Kinds of pictures that are taken; all are stored as JPEG. */
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;

/** The most that is sent for one picture, in bytes. */
export const MOST_PHOTO_BYTES = 8_000_000;

/** What goes with a picture, in the address; the body is the picture itself. Its id is made on the device. */
export class PhotoRequest {
  @IsUUID(undefined, { message: fault('refusals.sayContainerPicture') })
  containerId: string;

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: fault('refusals.sayDayPictureTaken') })
  day: string;

  @IsMoment({ message: fault('refusals.sayWhenPictureTaken') })
  recordedAt: string;
}
