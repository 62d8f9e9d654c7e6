import { type PhotoView } from '@bright-sprout/contracts/photos';
import { type Photo } from './photo.entity';

export function photoView({
  id,
  containerId,
  day,
  teamId,
  width,
  height,
}: Pick<Photo, 'id' | 'containerId' | 'day' | 'teamId' | 'width' | 'height'>): PhotoView {
  return { id, containerId, day, teamId, width, height };
}
