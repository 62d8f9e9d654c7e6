import { type FilmView, type FrameView } from '@bright-sprout/contracts/films';
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

export function filmView(film: Omit<Film, 'investigation'>, frames: readonly Frame[]): FilmView {
  const { id, investigationId, version, name, kind, columns, rows, cells, wideMm, deepMm, index, removedAt } = film;
  return {
    id,
    investigationId,
    version,
    name,
    kind,
    columns,
    rows,
    cells,
    wideMm,
    deepMm,
    index,
    removed: removedAt !== null,
    frames: frames.filter((f) => f.filmId === id).map(frameView),
  };
}
