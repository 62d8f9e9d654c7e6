import { type FilmView } from '@bright-sprout/contracts/answers/films';
import { useEffect, useState } from 'react';
import { middleLuma } from './guides';

/** The light is held against that of so many pictures. */
const OTHERS = 8;

/** A picture so small that looking at its light takes no time. */
export function smallPixels(from: CanvasImageSource): ImageData {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [64, 48];
  const pen = canvas.getContext('2d', { willReadFrequently: true })!;
  pen.drawImage(from, 0, 0, 64, 48);
  return pen.getImageData(0, 0, 64, 48);
}

/** How light the last pictures were in their middle. */
export function useOthersLight(film: FilmView, path: string): number[] {
  const [light, setLight] = useState<number[]>([]);
  const ids = film.frames
    .slice(-OTHERS)
    .map((f) => f.id)
    .join(' ');
  useEffect(() => {
    let left = false;
    const load = async (id: string) => {
      const image = new Image();
      image.src = `${path}/${id}/small`;
      await image.decode();
      return middleLuma(smallPixels(image));
    };
    void Promise.allSettled(ids.split(' ').filter(Boolean).map(load)).then((all) => {
      if (!left) setLight(all.flatMap((a) => (a.status === 'fulfilled' ? [a.value] : [])));
    });
    return () => {
      left = true;
    };
  }, [ids, path]);
  return light;
}
