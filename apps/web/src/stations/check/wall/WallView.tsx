import { Link } from 'react-router';
import { CheckViews } from '../../../page/CheckViews';
import { InvestigationFrame } from '../../../page/InvestigationFrame';
import { Empty } from '../../../page/Notices';
import { Wall } from '../../../wall/Wall';

export function WallView() {
  return (
    <InvestigationFrame
      next={({ records, day }) =>
        day !== null && (
          <Link className="btn-next" to={`/investigations/${records.investigation.id}/compare?day=${day}`}>
            Compare them
          </Link>
        )
      }
    >
      {({ records, day, before }) =>
        day === null ? (
          <>
            <CheckViews investigationId={records.investigation.id} />
            <Empty title="The plants will line up here">
              <p>As soon as a team has checked its containers, every plant stands here, drawn to scale.</p>
              <Link className="btn" to={`/investigations/${records.investigation.id}/plan`}>
                See the plan and the labels
              </Link>
            </Empty>
          </>
        ) : (
          <>
            <CheckViews investigationId={records.investigation.id} />
            <Wall records={records} day={day} before={before} />
          </>
        )
      }
    </InvestigationFrame>
  );
}
