import { say } from '@bright-sprout/words/say';
import { Link } from 'react-router';
import { type PartProps } from '../../partProps';
import { Cadence } from '../../days/Cadence';

/** How often plants are looked at; single days are chosen on the tape. */
export function ChecksPanel(props: PartProps) {
  return (
    <>
      <Cadence {...props} />
      <p className="second mb-1">{say('plannerAsk.singleDaysAddedLeft')}</p>
      <Link to={`/plans/${props.planId}/days`}>{say('plannerAsk.everythingAboutDays')}</Link>
    </>
  );
}
