import { type FilmView, type FrameView } from '@bright-sprout/contracts/answers/films';
import { type Film } from './film.entity';
import { type Frame } from './frame.entity';

export function frameView(frame: Omit<Frame, 'film' | 'team'>): FrameView {
  const { id, filmId, day, teamId, width, height, recordedAt, seenAt, mendings = [] } = frame;
  return {
    id,
    filmId,
    day,
    teamId,
    width,
    height,
    recordedAt: recordedAt.toISOString(),
    seen: seenAt !== null,
    mendings: mendings
      .filter((m) => m.takenBackAt === null)
      .sort((a, b) => a.recordedAt.getTime() - b.recordedAt.getTime() || (a.id < b.id ? -1 : 1))
      .map((m) => ({
        id: m.id,
        kind: m.kind,
        places: m.places,
        green: m.green,
        radius: m.radius,
        recordedAt: m.recordedAt.toISOString(),
      })),
  };
}

/** What a film is said to be, without what becomes of it. */
export const shapeOf = ({ name, kind, columns, rows, cells, wideMm, deepMm, index }: Omit<Film, 'investigation'>) => ({
  name,
  kind,
  columns,
  rows,
  cells,
  wideMm,
  deepMm,
  index,
});

export function filmView(film: Omit<Film, 'investigation'>, frames: readonly Frame[]): FilmView {
  const { id, investigationId, version, removedAt } = film;
  return {
    ...shapeOf(film),
    id,
    investigationId,
    version,
    removed: removedAt !== null,
    frames: frames.filter((f) => f.filmId === id).map(frameView),
  };
}
