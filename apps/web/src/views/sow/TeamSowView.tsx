import { Link, Navigate, useParams } from 'react-router';
import { isProblem } from '../../api/client';
import { useBench } from '../../api/queries';
import { Empty, Loaded } from '../../components/Notices';
import { RunSheet } from '../../components/RunSheet';
import { SownOtherwise } from '../../components/SownOtherwise';

/** Sowing day on the team's device: the steps, and what went otherwise with its own containers. */
export function TeamSowView() {
  const { id = '' } = useParams();
  const bench = useBench();
  if (isProblem(bench.error, 401)) return <Navigate to="/join" replace />;
  return (
    <main className="page">
      <Loaded query={bench} what="your containers">
        {({ investigations, team }) => {
          const own = investigations.find((i) => i.investigation.id === id)?.investigation;
          if (!own)
            return (
              <Empty title="These containers are not yours, or the investigation is over">
                <Link className="btn" to="/bench">
                  To our containers
                </Link>
              </Empty>
            );
          return (
            <>
              <h1 className="mb-3">{own.question}</h1>
              <RunSheet steps={own.runSheet} keptAs={`${team.id} ${own.id}`} />
              <SownOtherwise investigation={own} base="/bench/deviations" />
              <Link className="btn btn-next" to={`/bench?investigation=${own.id}`}>
                To our containers
              </Link>
            </>
          );
        }}
      </Loaded>
    </main>
  );
}
