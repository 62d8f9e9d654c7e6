import { Link } from 'react-router';
import { type PartProps } from '../../partProps';
import { Cadence } from '../../days/Cadence';

/** How often plants are looked at; single days are chosen on the tape. */
export function ChecksPanel(props: PartProps) {
  return (
    <>
      <Cadence {...props} />
      <p className="second mb-1">Single days are added or left out on the tape of days: press the day.</p>
      <Link to={`/plans/${props.planId}/days`}>Everything about the days</Link>
    </>
  );
}
