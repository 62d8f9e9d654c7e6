import { say } from '@bright-sprout/words/say';
import { type PlanListing, type PlanView } from '@bright-sprout/contracts/answers/plans';
import { useState } from 'react';
import { Link } from 'react-router';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/** Plans that were made for the class: opened, begun again, or thrown away and had back. */
export function PlansOfClass({
  classId,
  plans,
  busy,
  onBegin,
}: {
  classId: string;
  plans: readonly PlanListing[];
  busy: boolean;
  onBegin: (planId: string) => void;
}) {
  const [thrown, setThrown] = useState<PlanView | null>(null);
  const away = useWrite(async (id: string) => {
    const plan = await request<PlanView>('GET', `/plans/${id}`);
    await request('DELETE', `/plans/${id}`);
    setThrown(plan);
  }, 'plans');
  const back = useWrite(async ({ id, document }: PlanView) => {
    await request('PUT', `/plans/${id}`, { classId, version: 0, document });
    setThrown(null);
  }, 'plans');
  if (plans.length === 0 && !thrown) return null;
  const error = away.error ?? back.error;
  return (
    <section className="section">
      <h2>{say('starts.plansClass')}</h2>
      <ul className="investigation-list start-earlier">
        {plans.map((p) => (
          <li key={p.id}>
            <Link to={`/plans/${p.id}/ask`}>{p.question || say('starts.planWithoutQuestionYet')}</Link>
            <span className="second">{p.sown ? say('starts.sown') : say('starts.beingPlanned')}</span>{' '}
            <button type="button" className="btn btn-plain" disabled={busy} onClick={() => onBegin(p.id)}>
              {say('starts.beginNewLike')}
            </button>
            {!p.sown && (
              <button type="button" className="btn btn-plain" disabled={away.isPending} onClick={() => away.mutate(p.id)}>
                {say('starts.throwAway')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {thrown && (
        <p role="status">
          {say('starts.thrownAway', { question: thrown.document.question || say('starts.planWithoutQuestionYet') })}{' '}
          <button type="button" className="btn" disabled={back.isPending} onClick={() => back.mutate(thrown)}>
            {say('starts.haveItBack')}
          </button>
        </p>
      )}
      {error && <ProblemNotice error={error} />}
    </section>
  );
}
