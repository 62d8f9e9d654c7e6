import { type ClassView } from '@bright-sprout/contracts/classes';
import { type PlanView } from '@bright-sprout/contracts/plans';
import { dayInZone } from '@bright-sprout/core/calendar/days';
import { planFrom, STARTING_POINTS } from '@bright-sprout/core/plan/startingPoints';
import { Link, useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { usePlans, useWrite } from '../../api/queries';
import { ClassPage } from '../../components/ClassPage';
import { ProblemNotice } from '../../components/Notices';
import { PageHead } from '../../components/PageHead';
import './planner.scss';

export function StartView() {
  return <ClassPage>{(group) => <Start group={group} />}</ClassPage>;
}

const drawSeed = () => Math.floor(Math.random() * 100_000);

/** A plan begins with one of our own starting points, each complete and each open to change, or with an earlier plan. */
function Start({ group }: { group: ClassView }) {
  const navigate = useNavigate();
  const plans = usePlans(group.id);
  const today = dayInZone(new Date(), group.timeZone);
  const begin = useWrite(async (start: { id: string } | { plan: string }) => {
    const id = v7();
    const facts = { gradeBand: group.gradeBand, teams: group.teams.length, today };
    const document =
      'id' in start
        ? planFrom(start.id, facts, drawSeed())
        : { ...(await request<PlanView>('GET', `/plans/${start.plan}`)).document, moved: {}, drawSeed: drawSeed() };
    return request<PlanView>('PUT', `/plans/${id}`, { classId: group.id, version: 0, document });
  }, 'plans');
  const open = (start: { id: string } | { plan: string }) =>
    begin.mutate(start, { onSuccess: (made) => void navigate(`/plans/${made.id}/ask`) });
  return (
    <>
      <PageHead
        tag={
          <Link className="group-tag" to={`/classes/${group.id}`}>
            {group.name}
          </Link>
        }
        title="What do you want to find out?"
        aside={
          begin.isPending ? (
            'Laying it out …'
          ) : (
            <Link to={`/classes/${group.id}/set-up`}>Short of time? Set up an investigation on one page</Link>
          )
        }
      />
      {begin.error && <ProblemNotice error={begin.error} />}
      <main>
        <p>Each of these is a whole plan, fitted to {group.name}. Begin with the nearest one and change what you like.</p>
        <div className="start-points">
          {STARTING_POINTS.map((s) => (
            <button
              key={s.id}
              type="button"
              className="start-point"
              disabled={begin.isPending}
              onClick={() => open({ id: s.id })}
            >
              <b>{s.name}</b>
              <span>{s.about}</span>
            </button>
          ))}
        </div>
        {plans.data && plans.data.length > 0 && (
          <section className="section">
            <h2>Plans of this class</h2>
            <ul className="investigation-list">
              {plans.data.map((p) => (
                <li key={p.id}>
                  <Link to={`/plans/${p.id}/ask`}>{p.question || 'A plan without a question yet'}</Link>
                  <span className="second">{p.sown ? 'sown' : 'being planned'}</span>{' '}
                  <button type="button" className="btn btn-plain" disabled={begin.isPending} onClick={() => open({ plan: p.id })}>
                    begin a new one like it
                  </button>
                </li>
              ))}
            </ul>
          </section>
        )}
      </main>
    </>
  );
}
