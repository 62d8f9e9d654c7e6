import { say } from '@bright-sprout/words/say';
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
            {say('wall.compareThem')}
          </Link>
        )
      }
    >
      {({ records, day, before }) =>
        day === null ? (
          <>
            <CheckViews investigationId={records.investigation.id} />
            <Empty title={say('wall.plantsLine')}>
              <p>{say('wall.soonTeamCheckedContainers')}</p>
              <Link className="btn" to={`/investigations/${records.investigation.id}/plan`}>
                {say('wall.seePlanLabels')}
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
