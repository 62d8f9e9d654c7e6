import { type SessionView } from '@bright-sprout/contracts/access';
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
  const title = growing.data?.length ? titleOf(growing.data) : 'Nothing is growing yet';
  return (
    <div className="page">
      <PageHead
        tag={<span className="group-tag">{teacher.name}</span>}
        title={growing.data ? title : 'Today'}
        aside={
          <>
            <Link className="btn btn-plain" to="/seeds">
              Seed shelf
            </Link>
            <Link className="btn btn-plain" to="/keeping">
              What is kept
            </Link>
            <button type="button" className="btn btn-plain" onClick={() => void signOut()}>
              Sign out of {teacher.schoolName}
            </button>
          </>
        }
        next={
          first && (
            <Link className="btn-next" to={`/investigations/${first.id}`}>
              Open {first.class.name}
            </Link>
          )
        }
      />
      <main className="today">
        <div className="today-shelves">
          <Loaded query={growing} what="what is growing">
            {(all) =>
              all.length === 0 ? (
                <Empty title="Your pots will stand here">
                  <p>Open a class below and set up its first investigation; it takes about two minutes.</p>
                </Empty>
              ) : (
                <Shelves all={all} />
              )
            }
          </Loaded>
          <section className="section mt-4">
            <h2>Your classes</h2>
            <Loaded query={classes} what="your classes">
              {(list) => (
                <>
                  {list.map((c) => (
                    <div key={c.id} className="class-row">
                      <Link className="group-tag" to={`/classes/${c.id}`}>
                        {c.name}
                      </Link>
                      <span className="second">
                        {GRADE_BAND_NAMES[c.gradeBand]} · {c.teams.length} teams · code <b>{c.joinCode}</b>
                      </span>
                      <span className="class-row-list">
                        {c.investigations.slice(0, 3).map((i) => (
                          <Link key={i.id} to={`/investigations/${i.id}`}>
                            {i.question} {i.phase === 'finished' && '(finished)'}
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
