import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { type PlanView } from '@bright-sprout/contracts/plans';
import { Link, useNavigate } from 'react-router';
import { request } from '../../../api/client';
import { useChangeInvestigation, usePlan, useWrite } from '../../../api/queries';
import { DeleteThis } from '../../../keeping/DeleteThis';
import { ProblemNotice } from '../../../page/Notices';

/** Sharing, ending, taking the records along, putting away. */
export function KeepOn({ records: { investigation, readings, photos } }: { records: InvestigationRecords }) {
  const navigate = useNavigate();
  const plan = usePlan(investigation.id);
  const takeBack = useWrite(
    () => request<PlanView>('DELETE', `/plans/${investigation.id}/sowing`),
    'investigations',
    'classes',
    'plans',
  );
  const change = useChangeInvestigation(investigation);
  return (
    <section className="section no-print">
      <h2>Records</h2>
      <div className="plan-keep">
        {/* There at once, so that nothing moves under a finger. */}
        {investigation.origin === 'planned' && (
          <Link className="btn" to={`/plans/${investigation.id}/prepare`}>
            Run sheet, lists and what to mind
          </Link>
        )}
        <Link className="btn" to={`/investigations/${investigation.id}/print`}>
          Print room: labels, record sheets, lists
        </Link>
        <Link className="btn" to={`/investigations/${investigation.id}/take-along`}>
          Take the records along
        </Link>
        <button
          type="button"
          className="btn"
          disabled={change.isPending}
          onClick={() => change.mutate({ sharedWithTeams: !investigation.sharedWithTeams })}
        >
          {investigation.sharedWithTeams ? 'Stop showing teams the whole class' : 'Let teams see the whole class'}
        </button>
        <button
          type="button"
          className="btn"
          disabled={change.isPending}
          onClick={() =>
            change.mutate(
              { phase: investigation.phase === 'growing' ? 'finished' : 'growing' },
              {
                // The end of growing is the beginning of the lesson.
                onSuccess: ({ phase }) =>
                  phase === 'finished' && void navigate(`/investigations/${investigation.id}/conclude/end`),
              },
            )
          }
        >
          {investigation.phase === 'growing' ? 'End the investigation' : 'Open it for checks again'}
        </button>
        {investigation.removed ? (
          <button type="button" className="btn" disabled={change.isPending} onClick={() => change.mutate({ removed: false })}>
            Put it back
          </button>
        ) : (
          <button
            type="button"
            className="btn btn-plain"
            disabled={change.isPending}
            onClick={() => change.mutate({ removed: true })}
          >
            Put it away
          </button>
        )}
        {investigation.removed && (
          <p role="status">
            It is put away: no list shows it, nothing is deleted.{' '}
            <button type="button" className="btn btn-plain" onClick={() => void navigate(`/classes/${investigation.class.id}`)}>
              Back to the class
            </button>
          </p>
        )}
        {plan.data?.sown && readings.length === 0 && (
          <button
            type="button"
            className="btn btn-plain"
            disabled={takeBack.isPending}
            onClick={() => takeBack.mutate(undefined, { onSuccess: () => void navigate(`/plans/${investigation.id}/ask`) })}
          >
            Take the sowing back, and change the plan
          </button>
        )}
        {takeBack.error && <ProblemNotice error={takeBack.error} />}
        {change.error && <ProblemNotice error={change.error} />}
      </div>
      <DeleteThis
        kind="investigation"
        id={investigation.id}
        words="Delete this investigation"
        before={
          <p>
            <Link to={`/investigations/${investigation.id}/take-along`}>Take the package along</Link> first: it can be brought in
            again anywhere.
          </p>
        }
        onGone={() => void navigate('/keeping')}
      />
      {photos.length > 0 && (
        <DeleteThis
          kind="pictures"
          id={investigation.id}
          words="Delete all its pictures"
          onGone={() => void navigate('/keeping')}
        />
      )}
    </section>
  );
}
