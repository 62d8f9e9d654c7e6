import { spoken } from '@bright-sprout/words/spoken';
import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type SessionView } from '@bright-sprout/contracts/answers/access';
import { type GoingView, type KeepingView as Keeping } from '@bright-sprout/contracts/answers/keeping';
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
            {say('common.today')}
          </Link>
        }
        title={say('common.whatIsKept')}
      />
      <Loaded query={query} what={say('keeping.whatIsKept')}>
        {(keeping) => (
          <main className="columns keeping">
            <HowLong keeping={keeping} />
            <OnItsWayOut going={keeping.going} />
            <section className="section">
              <h2>{say('keeping.leaving')}</h2>
              <p>{say('keeping.investigationDeletedPlanPage')}</p>
              {!keeping.going.some((g) => g.kind === 'everything') && (
                <DeleteThis
                  kind="everything"
                  id={teacher.id}
                  words={say('keeping.deleteEverythingI')}
                  before={<p>{say('keeping.takePackagesWantKeep')}</p>}
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
      <h2>{say('keeping.howLong')}</h2>
      <div className="keeping-sentence">
        <Say
          it="keeping.plansLooksCorrectionsTeams"
          pictures={
            <RuledWord
              name={say('keeping.longPicturesKept')}
              value={keeping.pictureDays === null ? 'stay' : String(keeping.pictureDays)}
              choices={[
                { value: 'stay', label: say('keeping.stayUntilDeleteThem') },
                { value: '0', label: say('keeping.goEndInvestigation') },
                { value: '30', label: say('keeping.goDaysAfterEnd') },
                { value: '365', label: say('keeping.goYearAfterEnd') },
              ]}
              onChoose={(days) => save.mutate({ pictureDays: days === 'stay' ? null : Number(days) })}
            />
          }
          undo={
            <RuledWord
              name={say('keeping.longDeletionUndone')}
              value={String(keeping.undoDays)}
              choices={[
                { value: '1', label: say('common.oneDay') },
                { value: '7', label: say('keeping.sevenDays') },
                { value: '30', label: say('keeping.thirtyDays') },
                { value: '90', label: say('keeping.ninetyDays') },
              ]}
              onChoose={(days) => save.mutate({ undoDays: Number(days) })}
            />
          }
        />
      </div>
      <p className="second">{say('keeping.copiesMadeSuchBackups')}</p>
      {save.error && <ProblemNotice error={save.error} />}
    </section>
  );
}

const KIND_WORDS: Record<GoingView['kind'], string> = spoken({
  investigation: 'keeping.investigation',
  pictures: 'keeping.picturesOf',
  class: 'keeping.class',
  everything: 'keeping.everythingThatYouHave',
});

function OnItsWayOut({ going }: { going: readonly GoingView[] }) {
  const undo = useWrite(({ kind, id }: GoingView) => request<Keeping>('DELETE', `/keeping/${kind}/${id}`), ...STALE);
  return (
    <section className="section">
      <h2>{say('keeping.onItsWayOut')}</h2>
      {going.length === 0 ? (
        <p>{say('keeping.nothingDeletedDeleteStands')}</p>
      ) : (
        <ul className="keeping-going">
          {going.map((g) => (
            <li key={`${g.kind} ${g.id}`}>
              <span>
                {KIND_WORDS[g.kind]} {g.kind !== 'everything' && <b>{g.name}</b>}
                <span className="second d-block">{say('keeping.goneOn', { goesAt: formatDay(g.goesAt.slice(0, 10)) })}</span>
              </span>
              <button type="button" className="btn" disabled={undo.isPending} onClick={() => undo.mutate(g)}>
                {say('common.takeBack')}
              </button>
            </li>
          ))}
        </ul>
      )}
      {undo.error && <ProblemNotice error={undo.error} />}
    </section>
  );
}
