import { say } from '@bright-sprout/words/say';
import { NavLink } from 'react-router';
import './stations.scss';

export interface Station {
  to: string;
  name: string;
  /** Where the work stands there. */
  state: string;
  done: boolean;
  /** Its own pages belong to it too. */
  within?: boolean;
}

/** The stations of the work as stick labels on the soil line. */
export function Stations({ stations, aside }: { stations: Station[]; aside: string }) {
  return (
    <nav className="stations" aria-label={say('page.stations')}>
      {stations.map((s) => (
        <NavLink key={s.to} to={s.to} className="station" end={!s.within}>
          <span className="station-face">
            {s.done && (
              <svg width="14" height="12" viewBox="0 0 14 12" aria-hidden="true">
                <path d="M1 6l4 4.500L13 1" fill="none" stroke="currentColor" strokeWidth="2.500" />
              </svg>
            )}
            <b>{s.name}</b>
            <span className="station-state">{s.state}</span>
          </span>
        </NavLink>
      ))}
      <span className="stations-aside">{aside}</span>
    </nav>
  );
}
