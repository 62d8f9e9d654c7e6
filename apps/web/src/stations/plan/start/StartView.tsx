import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { daysBetween } from '@bright-sprout/core/calendar/days';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planAgain } from '@bright-sprout/core/plan/document/planAgain';
import { type EarlierInvestigation, planLike } from '@bright-sprout/core/plan/document/planLike';
import { type ClassFacts, planFrom, startingPointsFor } from '@bright-sprout/core/plan/document/startingPoints';
import { Link, useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { usePlans, useWrite } from '../../../api/queries';
import { ClassPage } from '../../../page/ClassPage';
import { ProblemNotice } from '../../../page/Notices';
import { PageHead } from '../../../page/PageHead';
import { Earlier } from './Earlier';
import { PlansOfClass } from './PlansOfClass';
import { StartSize } from './StartSize';
import '../planner.scss';

export function StartView() {
  return <ClassPage>{(group) => <Start group={group} />}</ClassPage>;
}

type Start = { id: string } | { plan: string } | { investigation: string };

const drawSeed = () => Math.floor(Math.random() * 100_000);

async function documentFor(start: Start, facts: ClassFacts): Promise<PlanDocument> {
  if ('id' in start) return planFrom(start.id, facts, drawSeed());
  if ('investigation' in start)
    return planLike(
      earlierOf(await request<InvestigationRecords>('GET', `/investigations/${start.investigation}`)),
      facts,
      drawSeed(),
    );
  const { document } = await request<PlanView>('GET', `/plans/${start.plan}`);
  return planAgain(document, facts, drawSeed());
}

/** What records tell of how an investigation was set up. */
function earlierOf({ investigation, readings }: InvestigationRecords): EarlierInvestigation {
  const { containers, treatments, sownOn } = investigation;
  const last =
    readings
      .map((r) => r.day)
      .sort()
      .pop() ?? sownOn;
  return {
    ...investigation,
    containersEach: Math.max(...treatments.map((t) => containers.filter((c) => c.treatment === t.code).length)),
    seedsEach: Math.max(...containers.map((c) => c.seedsSown)),
    days: daysBetween(sownOn, last),
  };
}

/** A plan begins with one of our own starting points, each complete and each open to change, or with an earlier plan. */
function Start({ group }: { group: ClassView }) {
  const navigate = useNavigate();
  const plans = usePlans(group.id);
  const today = todayIn(group.timeZone);
  const facts = { gradeBand: group.gradeBand, teams: group.teams.length, today, schoolYear: group.schoolYear };
  const begin = useWrite(async (start: Start) => {
    const id = v7();
    const document = await documentFor(start, facts);
    return request<PlanView>('PUT', `/plans/${id}`, { classId: group.id, version: 0, document });
  }, 'plans');
  // Gone to also where the page was drawn anew meanwhile; what goes wrong is told by `begin.error`.
  const open = (start: Start) =>
    void begin.mutateAsync(start).then(
      (made) => navigate(`/plans/${made.id}/ask`),
      () => undefined,
    );
  return (
    <>
      <PageHead
        tag={
          <Link className="group-tag" to={`/classes/${group.id}`}>
            {group.name}
          </Link>
        }
        title={say('starts.wantFind')}
        aside={begin.isPending ? say('starts.layingItOut') : say('starts.shortTimeTakeSown')}
      />
      {begin.error && <ProblemNotice error={begin.error} />}
      <main>
        <p>{say('starts.wholePlanFittedBegin', { name: group.name })}</p>
        <div className="start-points">
          {startingPointsFor(group.gradeBand).map((s) => (
            <button
              key={s.id}
              type="button"
              className="start-point"
              disabled={begin.isPending}
              onClick={() => open({ id: s.id })}
            >
              <b>{s.name}</b>
              <span>{s.about}</span>
              <StartSize plan={planFrom(s.id, facts, 0)} />
            </button>
          ))}
        </div>
        <Earlier plans={plans.data ?? []} busy={begin.isPending} onBegin={(id) => open({ investigation: id })} />
        <PlansOfClass classId={group.id} plans={plans.data ?? []} busy={begin.isPending} onBegin={(id) => open({ plan: id })} />
      </main>
    </>
  );
}
