import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { Link, Navigate, useParams } from 'react-router';
import { isProblem } from '../../api/client';
import { useBench } from '../../api/queries';
import { Empty, Loaded } from '../../page/Notices';
import { RunSheet } from '../../sowing/RunSheet';
import { SownOtherwise } from '../../sowing/SownOtherwise';
import { useTeamEntering } from '../../entry/useEntering';

/** Sowing day on the team's device: the steps, and what went otherwise with its own containers. */
export function TeamSowView() {
  const { id = '' } = useParams();
  const bench = useBench();
  if (isProblem(bench.error, 401)) return <Navigate to="/join" replace />;
  return (
    <main className="page">
      <Loaded query={bench} what={say('sowing.yourContainers')}>
        {({ investigations, team }) => {
          const own = investigations.find((i) => i.investigation.id === id)?.investigation;
          if (!own)
            return (
              <Empty title={say('sowing.containersYoursInvestigationOver')}>
                <Link className="btn" to="/bench">
                  {say('common.toOurContainers')}
                </Link>
              </Empty>
            );
          return <Sowing investigation={own} teamId={team.id} />;
        }}
      </Loaded>
    </main>
  );
}

function Sowing({ investigation, teamId }: { investigation: InvestigationView; teamId: string }) {
  const entering = useTeamEntering(investigation, teamId);
  return (
    <>
      <h1 className="mb-3">{investigation.question}</h1>
      <RunSheet investigation={investigation} entering={entering} teamId={teamId} />
      <SownOtherwise investigation={investigation} entering={entering} />
      <Link className="btn btn-next" to={`/bench?investigation=${investigation.id}`}>
        {say('common.toOurContainers')}
      </Link>
    </>
  );
}
