import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { counted } from '@bright-sprout/core/words/plural';
import { Link } from 'react-router';
import { useChangeInvestigation, useClaims } from '../../../api/queries';
import { teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import { ProblemNotice } from '../../../page/Notices';
import { ConcludeFrame } from '../ConcludeFrame';

export function EndView() {
  return <ConcludeFrame>{({ records }) => <End records={records} />}</ConcludeFrame>;
}

/** Ending the unit: what is kept, what is taken home, and what may go. */
function End({ records: { investigation, readings, photos } }: { records: InvestigationRecords }) {
  const change = useChangeInvestigation(investigation);
  const claims = useClaims(investigation.id);
  const base = `/investigations/${investigation.id}`;
  const growing = investigation.phase === 'growing';
  const shown = (claims.data ?? []).filter((c) => teamClaimOf(c.entries).ready).length;
  return (
    <section aria-label="The end" className="columns">
      <section className="section">
        <h2>{growing ? 'End the investigation' : 'The investigation has ended'}</h2>
        <p>
          {growing
            ? 'From then on nothing more is measured. Checks that were made before and come in later are still taken; claims can be written on.'
            : 'Checks that were made before the end are still taken when they come in. Claims can be written on.'}
        </p>
        <button
          type="button"
          className={growing ? 'btn-next' : 'btn'}
          disabled={change.isPending}
          onClick={() => change.mutate({ phase: growing ? 'finished' : 'growing' })}
        >
          {growing ? 'End it now' : 'Open it for checks again'}
        </button>
        {!growing && investigation.cameLate > 0 && (
          <p className="mt-2">{counted(investigation.cameLate, 'check')} came in after the end.</p>
        )}
        {claims.data && claims.data.length > 0 && (
          <p className="second mt-3">
            {shown} of {claims.data.length} teams have shown their claim. <Link to={`${base}/conclude/claims`}>See them</Link>
          </p>
        )}
      </section>
      <section className="section">
        <h2>What is kept</h2>
        <p>
          {counted(readings.length, 'reading')} of {counted(investigation.containers.length, investigation.containerName)},
          corrections included,
          {photos.length > 0 ? ` ${counted(photos.length, 'picture')},` : ''} the plan, what was predicted, every version of every
          claim, and your talking points. No child’s name is among them, unless somebody typed one into a note. All of it stays
          until you delete it; how long pictures stay is said under <Link to="/keeping">What is kept</Link>.
        </p>
      </section>
      <section className="section">
        <h2>What is taken home</h2>
        <ul className="end-list">
          <li>
            <Link to={`${base}/conclude/report`}>Reports as PDF or Word, and posters</Link>
          </li>
          <li>
            <Link to={`${base}/conclude/certificates`}>Certificates</Link>
          </li>
          <li>
            <Link to={`${base}/take-along`}>All records: as a package that comes back whole, a workbook, or a table</Link>
          </li>
          <li>Teams print their notebook and their report on their own device.</li>
        </ul>
      </section>
      <section className="section">
        <h2>What may go</h2>
        <p>
          At any time: single pictures, in the story of their plant, and the links of screens, under <i>Run the class</i>. Once
          reports and tables are taken home, putting it away takes the investigation from every list; nothing is deleted by that,
          and it can be put back whenever you like. It is deleted, with or without its pictures, on its{' '}
          <Link to={`${base}/plan`}>Plan page</Link>; for some days that can be taken back. A device that was lent forgets the
          class when it is handed to another team.
        </p>
        <button
          type="button"
          className="btn"
          disabled={change.isPending}
          onClick={() => change.mutate({ removed: !investigation.removed })}
        >
          {investigation.removed ? 'Put it back' : 'Put it away'}
        </button>
        {investigation.removed && <p role="status">It is put away: no list shows it, nothing is deleted.</p>}
      </section>
      {change.error && <ProblemNotice error={change.error} />}
    </section>
  );
}
