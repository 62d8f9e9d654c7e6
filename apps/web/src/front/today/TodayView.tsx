import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type SessionView } from '@bright-sprout/contracts/answers/access';
import { GRADE_BAND_NAMES } from '@bright-sprout/contracts/classes';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { request } from '../../api/client';
import { useLive } from '../../api/live';
import { useClasses, useGrowing } from '../../api/queries';
import { Empty, Loaded } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { WhatComes } from './WhatComes';
import { NewClass } from './NewClass';
import { WhatWaits } from './WhatWaits';
import { WhatLooksWrong } from './WhatLooksWrong';
import { Shelves } from './Shelves';
import { titleOf } from './titleOf';
import './today.scss';

export function TodayView({ teacher }: { teacher: NonNullable<SessionView['teacher']> }) {
  const growing = useGrowing();
  const classes = useClasses();
  useLive();
  const client = useQueryClient();
  const signOut = async () => {
    await request('DELETE', '/session');
    client.clear();
    location.assign('/');
  };
  const first = growing.data?.[0]?.investigation;
  const title = growing.data?.length ? titleOf(growing.data) : say('today.nothingGrowingYet');
  return (
    <div className="page">
      <PageHead
        tag={<span className="group-tag">{teacher.name}</span>}
        title={growing.data ? title : say('common.today')}
        aside={
          <>
            <Link className="btn btn-plain" to="/seeds">
              {say('today.seedShelf')}
            </Link>
            <Link className="btn btn-plain" to="/keeping">
              {say('common.whatIsKept')}
            </Link>
            <button type="button" className="btn btn-plain" onClick={() => void signOut()}>
              {say('today.signOutOf', { schoolName: teacher.schoolName })}
            </button>
          </>
        }
        next={
          first && (
            <Link className="btn-next" to={`/investigations/${first.id}`}>
              {say('today.openNamed', { name: first.class.name })}
            </Link>
          )
        }
      />
      <main className="today">
        <div className="today-shelves">
          <Loaded query={growing} what={say('today.whatIsGrowing')}>
            {(all) =>
              all.length === 0 ? (
                <Empty title={say('today.potsStand')}>
                  <p>{say('today.openClassBelowSet')}</p>
                </Empty>
              ) : (
                <Shelves all={all} />
              )
            }
          </Loaded>
          {/* After the shelves, which would push it from under a finger. */}
          {!growing.isPending && <Classes query={classes} />}
        </div>
        <aside className="today-side">
          {classes.data && <WhatWaits classes={classes.data} />}
          {growing.data && growing.data.length > 0 && <WhatComes all={growing.data} />}
          {growing.data && <WhatLooksWrong all={growing.data} />}
        </aside>
      </main>
    </div>
  );
}

function Classes({ query }: { query: ReturnType<typeof useClasses> }) {
  return (
    <section className="section mt-4">
      <h2>{say('today.yourClasses')}</h2>
      <Loaded query={query} what={say('today.yourClassesLower')}>
        {(list) => (
          <>
            {list.map((c) => (
              <div key={c.id} className="class-row">
                <Link className="group-tag" to={`/classes/${c.id}`}>
                  {c.name}
                </Link>
                <span className="second">
                  <Say
                    it="today.teamsCode"
                    gradeBandNames={GRADE_BAND_NAMES[c.gradeBand]}
                    countTeams={c.teams.length}
                    joinCode={c.joinCode}
                    b={(inside) => <b>{inside}</b>}
                  />
                </span>
                <span className="class-row-list">
                  {c.investigations.slice(0, 3).map((i) => (
                    <Link key={i.id} to={`/investigations/${i.id}`}>
                      {i.phase === 'finished' ? say('today.finished', { question: i.question }) : i.question}
                    </Link>
                  ))}
                </span>
              </div>
            ))}
            <NewClass first={list.length === 0} />
          </>
        )}
      </Loaded>
    </section>
  );
}
