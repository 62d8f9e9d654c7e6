import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type PlanView } from '@bright-sprout/contracts/answers/plans';
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
      <h2>{say('sownPlan.records')}</h2>
      <div className="plan-keep">
        {/* There at once, so that nothing moves under a finger. */}
        {investigation.origin === 'planned' && (
          <Link className="btn" to={`/plans/${investigation.id}/prepare`}>
            {say('sownPlan.runSheetListsMind')}
          </Link>
        )}
        <Link className="btn" to={`/investigations/${investigation.id}/print`}>
          {say('sownPlan.printRoomLabelsRecord')}
        </Link>
        <Link className="btn" to={`/investigations/${investigation.id}/take-along`}>
          {say('sownPlan.takeRecordsAlong')}
        </Link>
        <button
          type="button"
          className="btn"
          disabled={change.isPending}
          onClick={() => change.mutate({ sharedWithTeams: !investigation.sharedWithTeams })}
        >
          {investigation.sharedWithTeams ? say('sownPlan.stopShowingTeamsWhole') : say('sownPlan.letTeamsSeeWhole')}
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
          {investigation.phase === 'growing' ? say('common.endInvestigation') : say('sownPlan.openChecksAgain')}
        </button>
        {investigation.removed ? (
          <button type="button" className="btn" disabled={change.isPending} onClick={() => change.mutate({ removed: false })}>
            {say('common.putBack')}
          </button>
        ) : (
          <button
            type="button"
            className="btn btn-plain"
            disabled={change.isPending}
            onClick={() => change.mutate({ removed: true })}
          >
            {say('sownPlan.putAway')}
          </button>
        )}
        {investigation.removed && (
          <p role="status">
            {say('sownPlan.putAwayListShows')}{' '}
            <button type="button" className="btn btn-plain" onClick={() => void navigate(`/classes/${investigation.class.id}`)}>
              {say('sownPlan.backClass')}
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
            {say('sownPlan.takeSowingBackChange')}
          </button>
        )}
        {takeBack.error && <ProblemNotice error={takeBack.error} />}
        {change.error && <ProblemNotice error={change.error} />}
      </div>
      <Deleting id={investigation.id} hasPictures={photos.length > 0} />
    </section>
  );
}

function Deleting({ id, hasPictures }: { id: string; hasPictures: boolean }) {
  const navigate = useNavigate();
  return (
    <>
      <DeleteThis
        kind="investigation"
        id={id}
        words={say('sownPlan.deleteInvestigation')}
        before={
          <p>
            <Say
              it="sownPlan.takePackageAlongFirst"
              link={(inside) => <Link to={`/investigations/${id}/take-along`}>{inside}</Link>}
            />
          </p>
        }
        onGone={() => void navigate('/keeping')}
      />
      {hasPictures && (
        <DeleteThis kind="pictures" id={id} words={say('sownPlan.deletePictures')} onGone={() => void navigate('/keeping')} />
      )}
    </>
  );
}
