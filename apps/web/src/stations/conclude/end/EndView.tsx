import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
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
    <section aria-label={say('common.theEnd')} className="columns">
      <section className="section">
        <h2>{growing ? say('common.endInvestigation') : say('end.investigationEnded')}</h2>
        <p>{growing ? say('end.nothingMoreMeasuredChecks') : say('end.checksMadeBeforeEnd')}</p>
        <button
          type="button"
          className={growing ? 'btn-next' : 'btn'}
          disabled={change.isPending}
          onClick={() => change.mutate({ phase: growing ? 'finished' : 'growing' })}
        >
          {growing ? say('end.endNow') : say('end.openChecksAgain')}
        </button>
        {!growing && investigation.cameLate > 0 && (
          <p className="mt-2">{say('end.checkChecksCameAfter', { cameLate: investigation.cameLate })}</p>
        )}
        {claims.data && claims.data.length > 0 && (
          <p className="second mt-3">
            <Say
              it="end.teamsShownClaimSee"
              shown={shown}
              countData={claims.data.length}
              link={(inside) => <Link to={`${base}/conclude/claims`}>{inside}</Link>}
            />
          </p>
        )}
      </section>
      <section className="section">
        <h2>{say('common.whatIsKept')}</h2>
        <p>
          <Say
            it="end.readingReadingsCorrectionsIncluded"
            countReadings={readings.length}
            countContainers={counted(investigation.containers.length, investigation.containerName)}
            pictures={photos.length > 0 ? ` ${counted(photos.length, 'picture')},` : ''}
            link={(inside) => <Link to="/keeping">{inside}</Link>}
          />
        </p>
      </section>
      <section className="section">
        <h2>{say('end.takenHome')}</h2>
        <ul className="end-list">
          <li>
            <Link to={`${base}/conclude/report`}>{say('end.reportsPdfWordPosters')}</Link>
          </li>
          <li>
            <Link to={`${base}/conclude/certificates`}>{say('common.certificates')}</Link>
          </li>
          <li>
            <Link to={`${base}/take-along`}>{say('end.recordsPackageComesBack')}</Link>
          </li>
          <li>{say('end.teamsPrintNotebookReport')}</li>
        </ul>
      </section>
      <section className="section">
        <h2>{say('end.mayGo')}</h2>
        <p>
          <Say
            it="end.timeSinglePicturesStory"
            i={(inside) => <i>{inside}</i>}
            link={(inside) => <Link to={`${base}/plan`}>{inside}</Link>}
          />
        </p>
        <button
          type="button"
          className="btn"
          disabled={change.isPending}
          onClick={() => change.mutate({ removed: !investigation.removed })}
        >
          {investigation.removed ? say('common.putBack') : say('end.putAway')}
        </button>
        {investigation.removed && <p role="status">{say('end.putAwayListShows')}</p>}
      </section>
      {change.error && <ProblemNotice error={change.error} />}
    </section>
  );
}
