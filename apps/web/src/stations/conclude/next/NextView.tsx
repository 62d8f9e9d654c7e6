import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { planWith } from '@bright-sprout/core/conclude/next/nextPlan';
import { learnedWords } from '@bright-sprout/core/plan/document/learned';
import { planAgain } from '@bright-sprout/core/plan/document/planAgain';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useClass, useWrite } from '../../../api/queries';
import { Empty, ProblemNotice, Waiting } from '../../../page/Notices';
import { ConcludeFrame } from '../ConcludeFrame';
import { useNextSteps } from './useNextSteps';

export function NextView() {
  return <ConcludeFrame>{({ records }) => <Next records={records} />}</ConcludeFrame>;
}

function Next({ records }: { records: InvestigationRecords }) {
  const { investigation } = records;
  const { steps, plan } = useNextSteps(records);
  const group = useClass(investigation.class.id);
  const navigate = useNavigate();
  const [without, setWithout] = useState<readonly number[]>([]);
  const [id] = useState<string>(() => v7());
  const begin = useWrite(async () => {
    const facts = { today: todayIn(investigation.class.timeZone), schoolYear: group.data?.schoolYear ?? null };
    const again = planAgain(plan.data!.document, facts, Math.floor(Math.random() * 100_000));
    const document = planWith(
      again,
      steps!.filter((_, i) => !without.includes(i)),
    );
    return request<PlanView>('PUT', `/plans/${id}`, { classId: investigation.class.id, version: 0, document });
  }, 'plans');
  if (investigation.origin === 'imported')
    return (
      <Empty title={say('next.recordsCameFile')}>
        <p>{say('next.planChangedNewAsk')}</p>
        <Link className="btn" to={`/classes/${investigation.class.id}/plans`}>
          {say('next.plansClass')}
        </Link>
      </Empty>
    );
  if (plan.error) return <ProblemNotice error={plan.error} retry={() => void plan.refetch()} />;
  if (steps === null) return <Waiting>{say('next.lookingRecordsSayPlan')}</Waiting>;
  return (
    <section aria-label={say('common.whatNext')}>
      <p className="ruled-sentence">
        {steps.length === 0 ? say('next.askedAgainNothingRecords') : say('next.askedAgainDoneDifferently')}
      </p>
      <ol className="next-steps">
        {steps.map(({ learned, apply }, i) => {
          const { what, why } = learnedWords(learned, investigation.containerName);
          return (
            <li key={`${learned.code} ${learned.about}`}>
              <label>
                <input
                  type="checkbox"
                  checked={!without.includes(i)}
                  onChange={() => setWithout(without.includes(i) ? without.filter((w) => w !== i) : [...without, i])}
                />
                <span>
                  <b>{what}</b>
                  <span className="second">
                    {why}
                    {apply === null && ` ${say('next.keptPlanReminder')}`}
                  </span>
                </span>
              </label>
            </li>
          );
        })}
      </ol>
      <button
        type="button"
        className="btn-next"
        disabled={begin.isPending}
        onClick={() => begin.mutate(undefined, { onSuccess: (made) => void navigate(`/plans/${made.id}/ask`) })}
      >
        {say('next.openNewPlanSame', { sameCountSteps: steps.length - without.length === 0 })}
      </button>
      {begin.error && <ProblemNotice error={begin.error} />}
    </section>
  );
}
