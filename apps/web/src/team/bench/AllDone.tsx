import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { plural } from '@bright-sprout/core/words/plural';
import { Link } from 'react-router';

/** Everything has an answer: what a team can look at next. */
export function AllDone({ investigation, onLeave }: { investigation: InvestigationView; onLeave: () => void }) {
  return (
    <div className="bench-done">
      <h2>All your {plural(investigation.containerName)} are checked.</h2>
      <p>Put them back where they stood. To change a value, tap its label above.</p>
      <div className="d-flex flex-wrap gap-2">
        {investigation.sharedWithTeams && (
          <Link className="btn btn-next large" to={`/bench/wall/${investigation.id}`}>
            See the whole class
          </Link>
        )}
        {investigation.sharedWithTeams && (
          <Link className="btn" to={`/bench/conclude/${investigation.id}`}>
            What we found out
          </Link>
        )}
        <Link className="btn" to={`/bench/notebook/${investigation.id}`}>
          Our notebook
        </Link>
        <button type="button" className="btn" onClick={onLeave}>
          Hand the device to another team
        </button>
      </div>
    </div>
  );
}
