import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { Link, useParams } from 'react-router';
import { labelLines } from '@bright-sprout/core/plan/lists/labelLines';
import { recipesOf } from '@bright-sprout/core/plan/recipes/recipe';
import { useClass, useInvestigation, usePlan } from '../../../api/queries';
import { Loaded } from '../../../page/Notices';
import { PageHead } from '../../../page/PageHead';
import { StickLabels } from '../../../labels/StickLabels';
import { NotReached } from '../../../reach/NotReached';
import { useReach } from '../../../reach/useReach';

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
  const plan = usePlan(investigation.origin === 'planned' ? investigation.id : '').data?.document;
  const reach = useReach();
  const recipes = plan ? recipesOf(plan) : [];
  const lines = (code: string, label: string) => {
    const recipe = recipes.find((r) => r.treatment.code === code);
    return plan && recipe ? labelLines(plan, recipe, recipes) : [label];
  };
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
          {!reach.asked && reach.address === null && <NotReached />}
          <StickLabels
            pots={[...investigation.containers, ...investigation.reserve].map((c) => ({
              code: c.code,
              treatment: c.treatment,
              team: group.teams.find((t) => t.id === c.teamId) ?? null,
              childNumber: c.childNumber,
              inReserve: investigation.reserve.includes(c),
            }))}
            labels={new Map(investigation.treatments.map((t) => [t.code, lines(t.code, t.label)]))}
            joinCode={group.joinCode}
            investigationId={investigation.id}
            address={reach.address}
          />
        </>
      )}
    </Loaded>
  );
}
