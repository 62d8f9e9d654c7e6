import { type FilmView, type FrameView } from '@bright-sprout/contracts/answers/films';
import { type BrushStroke } from '@bright-sprout/core/pictures/mending';
import { type Point, type Quad } from '@bright-sprout/core/pictures/picture';
import { type FilmAsked, type FrameAsked } from '../workers/filmQuestion';

const lastOf = (frame: FrameView, kind: 'corners' | 'white-patch') => frame.mendings.filter((m) => m.kind === kind).pop();

export const cornersOfFrame = (frame: FrameView): Quad | null =>
  (lastOf(frame, 'corners')?.places as unknown as Quad | undefined) ?? null;

export const strokesOf = (frame: FrameView): BrushStroke[] =>
  frame.mendings
    .filter((m) => m.kind === 'brush')
    .map((m) => ({ green: m.green ?? true, radius: m.radius ?? 0.01, points: m.places }));

/** A film in the terms of what counts it. @param path where its pictures are asked for */
export function askedOf(film: FilmView, frames: readonly FrameView[], path = '/api/v1/frames'): FilmAsked {
  const { columns, rows, cells, wideMm, deepMm, index } = film;
  return {
    grid: { columns, rows, cells },
    wideMm,
    deepMm,
    index,
    frames: frames.map((f): FrameAsked => {
      const white = lastOf(f, 'white-patch')?.places;
      return {
        id: f.id,
        url: `${path}/${f.id}`,
        corners: cornersOfFrame(f),
        white: white ? [white[0] as Point, white[1] as Point] : null,
        strokes: strokesOf(f),
      };
    }),
  };
}
