import { type PhotoView } from '@bright-sprout/contracts/photos';
import { type Photo } from './photo.entity';

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
