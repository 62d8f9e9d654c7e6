import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { plural } from '@bright-sprout/core/words/plural';
import { Link } from 'react-router';

/** Everything has an answer: what a team can look at next. */
export function AllDone({ investigation, onLeave }: { investigation: InvestigationView; onLeave: () => void }) {
  return (
    <div className="bench-done">
      <h2>{say('bench.allYourAreChecked', { containerName: plural(investigation.containerName) })}</h2>
      <p>{say('bench.putThemBackWhere')}</p>
      <div className="d-flex flex-wrap gap-2">
        {investigation.sharedWithTeams && (
          <Link className="btn btn-next large" to={`/bench/wall/${investigation.id}`}>
            {say('bench.seeWholeClass')}
          </Link>
        )}
        {investigation.sharedWithTeams && (
          <Link className="btn" to={`/bench/conclude/${investigation.id}`}>
            {say('common.whatWeFoundOut')}
          </Link>
        )}
        <Link className="btn" to={`/bench/notebook/${investigation.id}`}>
          {say('bench.ourNotebook')}
        </Link>
        <button type="button" className="btn" onClick={onLeave}>
          {say('bench.handDeviceAnotherTeam')}
        </button>
      </div>
    </div>
  );
}
