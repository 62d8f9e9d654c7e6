import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { Link } from 'react-router';
import { useChangeInvestigation } from '../../../api/queries';
import { CheckFrame } from '../../../page/CheckFrame';
import { ProblemNotice } from '../../../page/Notices';
import { Accident } from './Accident';
import { CareByTeacher } from './CareByTeacher';
import { FromReserve } from './FromReserve';
import { HeldEntries } from './HeldEntries';
import { LateSowing } from './LateSowing';
import { MoveTeam } from './MoveTeam';
import { Screens } from './Screens';
import { Thinning } from './Thinning';
import { Trace } from './Trace';
import './run.scss';

/** Everything a teacher changes while the plants grow; each change leaves its trace. */
export function RunView() {
  return (
    <CheckFrame>
      {(records) => (
        <div className="run">
          <HeldEntries classId={records.investigation.class.id} />
          <Opening records={records} />
          <MoveTeam investigation={records.investigation} />
          <Accident records={records} />
          <FromReserve records={records} />
          <LateSowing investigation={records.investigation} />
          <Thinning records={records} />
          <CareByTeacher investigation={records.investigation} />
          <Screens investigationId={records.investigation.id} />
          <Trace investigation={records.investigation} />
        </div>
      )}
    </CheckFrame>
  );
}

/** Checking is open for a period and closed after it; PINs; the end. */
function Opening({ records: { investigation } }: { records: InvestigationRecords }) {
  const change = useChangeInvestigation(investigation);
  const open = investigation.checkingClosedAt === null;
  const growing = investigation.phase === 'growing';
  return (
    <section className="section">
      <h2>{!growing ? say('run.investigationFinished') : open ? say('run.checkingOpen') : say('run.checkingClosed')}</h2>
      <p>
        {growing && open ? say('run.teamsEnterSee') : say('run.teamsEnteredBeforeStill')}
        {investigation.cameLate > 0 && ` ${say('run.checkChecksCameSince', { cameLate: investigation.cameLate })}`}
      </p>
      <div className="d-flex flex-wrap gap-2">
        {growing && (
          <button
            type="button"
            className="btn"
            disabled={change.isPending}
            onClick={() => change.mutate({ checkingOpen: !open })}
          >
            {open ? say('run.closeChecking') : say('run.openChecking')}
          </button>
        )}
        <Link className="btn" to={`/classes/${investigation.class.id}`}>
          {say('run.teamsPins')}
        </Link>
        <button
          type="button"
          className="btn"
          disabled={change.isPending}
          onClick={() => change.mutate({ phase: growing ? 'finished' : 'growing' })}
        >
          {growing ? say('common.endInvestigation') : say('run.openAgain')}
        </button>
      </div>
      {change.error && <ProblemNotice error={change.error} />}
    </section>
  );
}
