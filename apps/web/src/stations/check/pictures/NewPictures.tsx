import { say } from '@bright-sprout/words/say';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { request } from '../../../api/client';
import { useClass, useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/** A picture that nobody but its team has seen. */
export interface NewPicture {
  id: string;
  day: IsoDay;
  teamId: string | null;
  /** What is in it: the name of a film, the code of a container. */
  of: string;
  path: '/frames' | '/photos';
}

/** Pictures that nobody but their team has seen: the teacher looks first. */
export function NewPictures({ classId, fresh }: { classId: string; fresh: readonly NewPicture[] }) {
  const teams = useClass(classId).data?.teams ?? [];
  const see = useWrite(
    async (pictures: readonly NewPicture[]) => {
      for (const { id, path } of pictures) await request('PUT', `${path}/${id}/seen`, {});
    },
    'films',
    'investigations',
  );
  const takeBack = useWrite(({ id, path }: NewPicture) => request('DELETE', `${path}/${id}`), 'films', 'investigations');
  if (fresh.length === 0) return null;
  const busy = see.isPending || takeBack.isPending;
  return (
    <section className="new-pictures" aria-label={say('pictures.newPictures')}>
      <h2>{say('pictures.newPictureNewPictures', { countFresh: fresh.length })}</h2>
      <p>{say('pictures.faceAnythingBelongUntil')}</p>
      <ul>
        {fresh.map((f) => {
          const team = teams.find((t) => t.id === f.teamId);
          return (
            <li key={f.id}>
              <img src={`/api/v1${f.path}/${f.id}`} alt={say('pictures.newPicture', { of: f.of, day: formatDay(f.day) })} />
              <div>
                <p>
                  <b>{f.of}</b>
                  <br />
                  {team ? say('pictures.dayBy', { day: formatDay(f.day), nickname: team.nickname }) : formatDay(f.day)}
                </p>
                <p className="d-flex gap-2 flex-wrap mb-0">
                  <button type="button" className="btn" disabled={busy} onClick={() => see.mutate([f])}>
                    {f.path === '/frames' ? say('pictures.intoTheFilm') : say('pictures.letStay')}
                  </button>
                  <button type="button" className="btn btn-plain" disabled={busy} onClick={() => takeBack.mutate(f)}>
                    {say('common.takeBack')}
                  </button>
                </p>
              </div>
            </li>
          );
        })}
      </ul>
      {fresh.length > 1 && (
        <button type="button" className="btn" disabled={busy} onClick={() => see.mutate(fresh)}>
          {say('pictures.themMayStay')}
        </button>
      )}
      {(see.error ?? takeBack.error) && <ProblemNotice error={see.error ?? takeBack.error} />}
    </section>
  );
}
