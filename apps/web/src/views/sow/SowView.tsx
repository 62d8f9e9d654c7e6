import { Link } from 'react-router';
import { InvestigationFrame } from '../../components/InvestigationFrame';
import { RunSheet } from '../../components/RunSheet';
import { SownOtherwise } from '../../components/SownOtherwise';

/** Sowing day as the teacher sees it: the steps, and what went otherwise in any container. */
export function SowView() {
  return (
    <InvestigationFrame
      next={({ records }) => (
        <Link className="btn-next" to={`/investigations/${records.investigation.id}`}>
          See the plants
        </Link>
      )}
    >
      {({ records: { investigation } }) => (
        <div className="columns">
          <RunSheet steps={investigation.runSheet} keptAs={investigation.id} />
          <SownOtherwise investigation={investigation} base="/deviations" />
        </div>
      )}
    </InvestigationFrame>
  );
}
