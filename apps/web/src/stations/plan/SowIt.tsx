import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { type ToFix } from '@bright-sprout/core/plan/fairTest/fairRule';
import { type PlanProblem } from '@bright-sprout/core/plan/document/planProblems';
import { Link, useNavigate } from 'react-router';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { WordPanel } from '../../page/WordPanel';
import { ProblemNotice } from '../../page/Notices';
import { type PlanDraft } from './usePlanDraft';

/** What has to be settled before anything is worked out. */
export function StillMissing({ problems }: { problems: readonly PlanProblem[] }) {
  return (
    <section className="section">
      <h2>{say('planner.beforeWorks')}</h2>
      <ul className="planner-missing">
        {problems.map((p) => (
          <li key={`${p.field}${p.sentence}`}>{p.sentence}</li>
        ))}
      </ul>
    </section>
  );
}

/** Sows the plan as it stands; what the fair-test check stops cannot be sown. */
export function SowIt({
  opened,
  draft,
  problems,
  findings,
  size,
}: {
  opened: PlanView;
  draft: PlanDraft;
  problems: readonly PlanProblem[];
  findings: readonly ToFix[];
  /** Such as `28 cups, 56 seeds`. */
  size: string;
}) {
  const navigate = useNavigate();
  const sow = useWrite(
    () => request<InvestigationView>('PUT', `/plans/${opened.id}/sowing`, { version: draft.version() }),
    'investigations',
    'classes',
    'plans',
  );
  if (opened.sown)
    return (
      <Link className="btn-next" to={`/investigations/${opened.id}`}>
        {say('common.seePlants')}
      </Link>
    );
  const stops = findings.filter((f) => f.severity === 'stop' && f.declared === null).length;
  const waits = whyNot(problems.length, stops, draft.saving);
  return (
    <span className="sow-it">
      <WordPanel
        name={say('planner.sowIt')}
        word={say('planner.sowIt')}
        className="btn btn-next"
        disabled={waits !== null || draft.saving !== 'saved' || sow.isPending}
        describedBy="sow-waits"
      >
        <h3>{say('planner.nowPlanOnlyRead')}</h3>
        <p>{say('planner.labelsPlacesLaidNow', { size })}</p>
        <p className="second">{say('planner.takenBackUntilFirst')}</p>
        <button
          type="button"
          className="btn btn-next"
          disabled={sow.isPending}
          onClick={() => sow.mutate(undefined, { onSuccess: (made) => void navigate(`/investigations/${made.id}/sow`) })}
        >
          {sow.isPending ? say('planner.layingOut') : say('planner.yesLay')}
        </button>
      </WordPanel>
      <span id="sow-waits" className="sow-waits" role="status">
        {waits}
      </span>
      {sow.error && <ProblemNotice error={sow.error} />}
    </span>
  );
}

/** Why it cannot be sown yet; null where it can. */
function whyNot(missing: number, stops: number, saving: PlanDraft['saving']): string | null {
  if (missing > 0) return missing === 1 ? say('planner.thingFillFirst') : say('planner.thingsFillFirst', { missing });
  if (stops > 0) return stops === 1 ? say('planner.thingStopsTest') : say('planner.thingsStopTest', { stops });
  if (saving === 'refused') return say('planner.somethingRefused');
  return saving === 'waiting' ? say('planner.waitingNetwork') : null;
}
