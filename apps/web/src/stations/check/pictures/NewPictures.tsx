import { type FilmView, type FrameView } from '@bright-sprout/contracts/films';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { counted } from '@bright-sprout/core/words/plural';
import { request } from '../../../api/client';
import { useClass, useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/** Pictures that nobody but their team has seen: the teacher looks first. */
export function NewPictures({ film, classId, fresh }: { film: FilmView; classId: string; fresh: readonly FrameView[] }) {
  const teams = useClass(classId).data?.teams ?? [];
  const see = useWrite(async (frames: readonly FrameView[]) => {
    for (const f of frames) await request('PUT', `/frames/${f.id}/seen`, {});
  }, 'films');
  const takeBack = useWrite((id: string) => request('DELETE', `/frames/${id}`), 'films');
  if (fresh.length === 0) return null;
  const busy = see.isPending || takeBack.isPending;
  return (
    <section className="new-pictures" aria-label="New pictures">
      <h2>
        {counted(fresh.length, 'new picture')} of “{film.name}”: look first
      </h2>
      <p>Is a face in it, or anything that does not belong there? Until you say so nobody else sees it, and it is not counted.</p>
      <ul>
        {fresh.map((f) => {
          const team = teams.find((t) => t.id === f.teamId);
          return (
            <li key={f.id}>
              <img src={`/api/v1/frames/${f.id}`} alt={`New picture of ${formatDay(f.day)}`} />
              <p>
                {formatDay(f.day)}
                {f.teamId === null ? ', by you' : team ? `, by ${team.nickname}` : ''}
              </p>
              <p className="d-flex gap-2 flex-wrap mb-0">
                <button type="button" className="btn" disabled={busy} onClick={() => see.mutate([f])}>
                  Into the film
                </button>
                <button type="button" className="btn btn-plain" disabled={busy} onClick={() => takeBack.mutate(f.id)}>
                  Take it back
                </button>
              </p>
            </li>
          );
        })}
      </ul>
      {fresh.length > 1 && (
        <button type="button" className="btn" disabled={busy} onClick={() => see.mutate(fresh)}>
          All of them into the film
        </button>
      )}
      {(see.error ?? takeBack.error) && <ProblemNotice error={see.error ?? takeBack.error} />}
    </section>
  );
}
