import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { Link } from 'react-router';
import { InvestigationFrame } from '../../page/InvestigationFrame';
import { RunSheet } from '../../sowing/RunSheet';
import { SownOtherwise } from '../../sowing/SownOtherwise';
import { useTeacherEntering } from '../../entry/useEntering';

/** Sowing day as the teacher sees it: the steps, and what went otherwise in any container. */
export function SowView() {
  return (
    <InvestigationFrame
      next={({ records }) => (
        <Link className="btn-next" to={`/investigations/${records.investigation.id}`}>
          {say('common.seePlants')}
        </Link>
      )}
    >
      {({ records: { investigation } }) => <Sowing investigation={investigation} />}
    </InvestigationFrame>
  );
}

function Sowing({ investigation }: { investigation: InvestigationView }) {
  const entering = useTeacherEntering(investigation);
  return (
    <div className="columns">
      <RunSheet investigation={investigation} entering={entering} teamId={null} />
      <SownOtherwise investigation={investigation} entering={entering} />
    </div>
  );
}
