import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type ReactNode } from 'react';
import { Link } from 'react-router';
import { CheckViews } from './CheckViews';
import { InvestigationFrame, type Looked } from './InvestigationFrame';

const toThePlants = ({ records }: Looked) => (
  <Link className="btn-next" to={`/investigations/${records.investigation.id}`}>
    {say('common.seePlants')}
  </Link>
);

/** A page beside the wall: the frame of the investigation, the ways to look, and the step back to the plants. */
export function CheckFrame({ children }: { children: (records: InvestigationRecords) => ReactNode }) {
  return (
    <InvestigationFrame next={toThePlants}>
      {({ records }) => (
        <>
          <CheckViews investigationId={records.investigation.id} />
          {children(records)}
        </>
      )}
    </InvestigationFrame>
  );
}
