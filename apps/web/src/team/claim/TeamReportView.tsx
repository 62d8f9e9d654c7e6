import { say } from '@bright-sprout/words/say';
import { type BenchClaims } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { useMemo } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { isProblem } from '../../api/client';
import { useBenchClaims, useSharedInvestigation } from '../../api/queries';
import { Report } from '../../conclude/report/Report';
import { Loaded } from '../../page/Notices';
import { useClaimDraft } from './useClaimDraft';

const NOTHING_NEXT: { what: string; why: string }[] = [];

/** The team's own report and poster on its own device. */
export function TeamReportView() {
  const { id = '' } = useParams();
  const records = useSharedInvestigation(id);
  const claims = useBenchClaims(id);
  if (isProblem(claims.error, 401)) return <Navigate to="/join" replace />;
  return (
    <main className="page">
      <header className="page-head no-print">
        <Link className="group-tag" to={`/bench/conclude/${id}`}>
          {say('common.whatWeFoundOut')}
        </Link>
        <h1>{say('teamClaim.ourReport')}</h1>
      </header>
      <Loaded query={records} what={say('teamClaim.classsRecords')}>
        {(found) => (
          <Loaded query={claims} what={say('teamClaim.whatYouHaveWritten')}>
            {(own) => <OwnReport records={found} claims={own} />}
          </Loaded>
        )}
      </Loaded>
    </main>
  );
}

function OwnReport({ records, claims }: { records: InvestigationRecords; claims: BenchClaims }) {
  const { claim, write } = useClaimDraft(records.investigation.id, claims);
  const { team } = claims.own;
  const of = useMemo(() => ({ id: team.id, nickname: team.nickname }), [team]);
  const views = useMemo(() => [claims.own], [claims.own]);
  return (
    <Report
      records={records}
      of={of}
      claims={views}
      next={NOTHING_NEXT}
      arrangement={claim.report}
      onArrange={(text) => write('report', text)}
    />
  );
}
