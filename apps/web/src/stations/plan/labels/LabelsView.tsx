import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { Link, useParams } from 'react-router';
import { useClass, useInvestigation } from '../../../api/queries';
import { Loaded } from '../../../page/Notices';
import { PageHead } from '../../../page/PageHead';
import { StickLabels } from '../../../labels/StickLabels';

/** The stick labels of an investigation, ready to print. */
export function LabelsView() {
  const { id = '' } = useParams();
  const query = useInvestigation(id);
  return (
    <div className="page">
      <Loaded query={query} what="the investigation">
        {(records) => <Labels records={records} />}
      </Loaded>
    </div>
  );
}

function Labels({ records: { investigation } }: { records: InvestigationRecords }) {
  const query = useClass(investigation.class.id);
  return (
    <Loaded query={query} what="the class">
      {(group) => (
        <>
          <PageHead
            tag={
              <Link className="group-tag" to={`/investigations/${investigation.id}/plan`}>
                Plan
              </Link>
            }
            title={`Stick labels: ${investigation.question}`}
            next={
              <button type="button" className="btn btn-next no-print" onClick={() => print()}>
                Print them
              </button>
            }
          />
          <StickLabels
            pots={investigation.containers.map((c) => ({
              code: c.code,
              treatment: c.treatment,
              team: group.teams.find((t) => t.id === c.teamId) ?? null,
            }))}
            labels={new Map(investigation.treatments.map((t) => [t.code, t.label]))}
            joinCode={group.joinCode}
            investigationId={investigation.id}
          />
        </>
      )}
    </Loaded>
  );
}
