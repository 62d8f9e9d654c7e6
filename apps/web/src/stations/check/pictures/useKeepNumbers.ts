import { type FilmView, type FrameView, type SavedCounts } from '@bright-sprout/contracts/answers/films';
import { type MendFrameRequest } from '@bright-sprout/contracts/films';
import { type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { useMemo, useRef } from 'react';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { type FilmCounted } from '../../../workers/filmQuestion';
import { notOnRecord } from './onRecord';

/** What was counted goes on record, with the corners that were found by themselves; what stands there already stays. */
export function useKeepNumbers(
  film: FilmView,
  frames: readonly FrameView[],
  counted: FilmCounted | null,
  readings: readonly ReadingView[],
) {
  const fresh = useMemo(
    () => (counted ? notOnRecord(film, frames, counted.frames, readings) : []),
    [film, frames, counted, readings],
  );
  // Made once for each place that was found, so that what is sent again is the same.
  const ids = useRef(new Map<string, string>());
  const idOf = (key: string) => {
    if (!ids.current.has(key)) ids.current.set(key, v7());
    return ids.current.get(key)!;
  };
  const keep = useWrite(
    async () => {
      for (const { id, lined, corners, problem } of counted?.frames ?? [])
        if (lined === 'found' && corners && problem === null) {
          const body: MendFrameRequest = {
            frameId: id,
            kind: 'corners',
            places: corners.map(([x, y]): [number, number] => [x, y]),
            recordedAt: timeNow().toISOString(),
          };
          await request('PUT', `/mendings/${idOf(`${id} ${corners.join(' ')}`)}`, body);
        }
      for (const body of fresh) await request<SavedCounts>('PUT', `/films/${film.id}/counts`, body);
    },
    'films',
    'investigations',
  );
  return { numbers: fresh.reduce((n, f) => n + f.counts.length, 0), keep };
}
