import { type PhotoView } from '@bright-sprout/contracts/answers/photos';
import { type Requester } from '../access/requester';
import { type Photo } from './photo.entity';

/** The teacher sees new pictures first: a team its own, and those that were looked at. */
export const isShownTo = (asking: Requester, { seen, teamId }: Pick<PhotoView, 'seen' | 'teamId'>): boolean =>
  asking.kind === 'teacher' || seen || teamId === asking.teamId;

export function photoView({
  id,
  containerId,
  day,
  teamId,
  width,
  height,
  seenAt,
}: Pick<Photo, 'id' | 'containerId' | 'day' | 'teamId' | 'width' | 'height' | 'seenAt'>): PhotoView {
  return { id, containerId, day, teamId, width, height, seen: seenAt !== null };
}
