import { say } from '@bright-sprout/words/say';
import { type BenchClaims } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { currentReadings } from '@bright-sprout/core/readings/reading';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { isProblem } from '../../api/client';
import { theOutbox } from '../../api/outbox';
import { useBenchClaims, useSharedInvestigation } from '../../api/queries';
import { Empty, Loaded } from '../../page/Notices';
import { ClaimForm } from './ClaimForm';
import '../../conclude/claim/claim.scss';

/** What a team found out: its question, its claim, what it saw, and why it thinks so. */
export function ClaimView() {
  const { id = '' } = useParams();
  const client = useQueryClient();
  const records = useSharedInvestigation(id);
  const claims = useBenchClaims(id);
  const teamId = claims.data?.own.team.id;
  useEffect(() => (teamId ? theOutbox().actAs(teamId) : undefined), [teamId]);
  useEffect(
    () => theOutbox().onConfirmed(() => void client.invalidateQueries({ queryKey: ['bench', 'conclude', id] })),
    [client, id],
  );
  if (isProblem(claims.error, 401) || isProblem(records.error, 401)) return <Navigate to="/join" replace />;
  if (isProblem(records.error, 403))
    return (
      <main className="claim-page">
        <Empty title={say('teamClaim.openYet')}>
          <p>{say('teamClaim.teacherOpensWhenClass')}</p>
          <Link className="btn" to="/bench">
            {say('common.toOurContainers')}
          </Link>
        </Empty>
      </main>
    );
  return (
    <main className="claim-page">
      <Loaded query={records} what={say('teamClaim.classsRecords')}>
        {(found) => (
          <Loaded query={claims} what={say('teamClaim.whatYouHaveWritten')}>
            {(own) => <Written records={found} claims={own} />}
          </Loaded>
        )}
      </Loaded>
    </main>
  );
}

function Written({ records, claims }: { records: InvestigationRecords; claims: BenchClaims }) {
  if (currentReadings(records.readings).length === 0)
    return (
      <Empty title={say('teamClaim.nothingMeasuredYet')}>
        <p>{say('teamClaim.afterFirstCheckFigure')}</p>
        <Link className="btn" to="/bench">
          {say('common.toOurContainers')}
        </Link>
      </Empty>
    );
  return <ClaimForm key={claims.own.team.id} records={records} claims={claims} />;
}
