import { type SessionView } from '@bright-sprout/contracts/access';
import { type GoingView, type KeepingView as Keeping } from '@bright-sprout/contracts/keeping';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { DeleteThis } from '../../keeping/DeleteThis';
import { Loaded, ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { RuledWord } from '../../page/RuledWord';
import './keeping.scss';

const STALE = ['keeping', 'classes', 'investigations', 'plans'];

/** What is kept and for how long, what is on its way out, and the way out of everything. */
export function KeepingView({ teacher }: { teacher: NonNullable<SessionView['teacher']> }) {
  const query = useQuery({ queryKey: ['keeping'], queryFn: () => request<Keeping>('GET', '/keeping') });
  return (
    <div className="page">
      <PageHead
        tag={
          <Link className="group-tag" to="/">
            Today
          </Link>
        }
        title="What is kept"
      />
      <Loaded query={query} what="what is kept">
        {(keeping) => (
          <main className="columns keeping">
            <HowLong keeping={keeping} />
            <OnItsWayOut going={keeping.going} />
            <section className="section">
              <h2>Leaving</h2>
              <p>
                An investigation is deleted on its Plan page, its pictures too; a class on its own page. Here goes all that you
                have: every class, your seed shelf and your account.
              </p>
              {!keeping.going.some((g) => g.kind === 'everything') && (
                <DeleteThis
                  kind="everything"
                  id={teacher.id}
                  words="Delete everything I have here"
                  before={<p>Take packages of what you want to keep along first: they can be brought in again anywhere.</p>}
                  onGone={() => void query.refetch()}
                />
              )}
            </section>
          </main>
        )}
      </Loaded>
    </div>
  );
}

function HowLong({ keeping }: { keeping: Keeping }) {
  const save = useWrite(
    (change: Partial<Keeping>) =>
      request<Keeping>('PUT', '/keeping', {
        undoDays: change.undoDays ?? keeping.undoDays,
        pictureDays: 'pictureDays' in change ? change.pictureDays : keeping.pictureDays,
      }),
    'keeping',
  );
  return (
    <section className="section">
      <h2>How long</h2>
      <div className="keeping-sentence">
        Plans, looks, corrections and what teams wrote stay until you delete them. Pictures{' '}
        <RuledWord
          name="How long pictures are kept"
          value={keeping.pictureDays === null ? 'stay' : String(keeping.pictureDays)}
          choices={[
            { value: 'stay', label: 'stay until you delete them' },
            { value: '0', label: 'go at the end of their investigation' },
            { value: '30', label: 'go 30 days after its end' },
            { value: '365', label: 'go a year after its end' },
          ]}
          onChoose={(days) => save.mutate({ pictureDays: days === 'stay' ? null : Number(days) })}
        />
        . What is deleted can be taken back for{' '}
        <RuledWord
          name="How long a deletion can be undone"
          value={String(keeping.undoDays)}
          choices={[
            { value: '1', label: 'one day' },
            { value: '7', label: '7 days' },
            { value: '30', label: '30 days' },
            { value: '90', label: '90 days' },
          ]}
          onChoose={(days) => save.mutate({ undoDays: Number(days) })}
        />
        , then it is gone, pictures and all.
      </div>
      <p className="second">
        Copies that you made, such as backups, packages and reports, are yours to keep or to throw away: nothing here reaches
        them.
      </p>
      {save.error && <ProblemNotice error={save.error} />}
    </section>
  );
}

const KIND_WORDS: Record<GoingView['kind'], string> = {
  investigation: 'Investigation',
  pictures: 'Pictures of',
  class: 'Class',
  everything: 'Everything that you have',
};

function OnItsWayOut({ going }: { going: readonly GoingView[] }) {
  const undo = useWrite(({ kind, id }: GoingView) => request<Keeping>('DELETE', `/keeping/${kind}/${id}`), ...STALE);
  return (
    <section className="section">
      <h2>On its way out</h2>
      {going.length === 0 ? (
        <p>Nothing is deleted. What you delete stands here until its last day, and can be taken back.</p>
      ) : (
        <ul className="keeping-going">
          {going.map((g) => (
            <li key={`${g.kind} ${g.id}`}>
              <span>
                {KIND_WORDS[g.kind]} {g.kind !== 'everything' && <b>{g.name}</b>}
                <span className="second d-block">gone on {formatDay(g.goesAt.slice(0, 10))}</span>
              </span>
              <button type="button" className="btn" disabled={undo.isPending} onClick={() => undo.mutate(g)}>
                Take it back
              </button>
            </li>
          ))}
        </ul>
      )}
      {undo.error && <ProblemNotice error={undo.error} />}
    </section>
  );
}
