import { type ClassView } from '@bright-sprout/contracts/classes';
import { joinLink } from '@bright-sprout/core/reach/shortLink';
import { Link } from 'react-router';
import { EmblemMark } from '../../marks/EmblemMark';
import { ClassPage } from '../../page/ClassPage';
import { NotReached } from '../../reach/NotReached';
import { Square } from '../../reach/Square';
import { useReach } from '../../reach/useReach';
import { withoutScheme } from '../../reach/withoutScheme';
import './joinScreen.scss';

/** What teams need to come in, as large as a projector shows it: where, which class, and what to do then. */
export function JoinScreenView() {
  return <ClassPage>{(group) => <JoinScreen group={group} />}</ClassPage>;
}

function JoinScreen({ group }: { group: ClassView }) {
  const { asked, address } = useReach();
  return (
    <main className="join-screen">
      <header>
        <h1>{group.name}: join your team</h1>
        <Link className="btn no-print" to={`/classes/${group.id}`}>
          Back to the class
        </Link>
      </header>
      {!asked && address === null && <NotReached />}
      <div className="join-screen-ways">
        {address !== null && (
          <Square
            className="join-screen-square"
            text={joinLink(address, group.joinCode)}
            name="Joins the class when it is scanned"
          />
        )}
        <div>
          {address !== null && (
            <>
              <p className="join-screen-step">Scan the square, or open</p>
              <p className="join-screen-address">{withoutScheme(address)}/join</p>
            </>
          )}
          <p className="join-screen-step">Class code</p>
          <p className="join-screen-code">{group.joinCode}</p>
          <p className="join-screen-step">Then tap your emblem and type your PIN.</p>
        </div>
      </div>
      <ul className="join-screen-teams">
        {group.teams.map((t) => (
          <li key={t.id}>
            <EmblemMark emblem={t.emblem} size={44} /> {t.nickname}
          </li>
        ))}
      </ul>
    </main>
  );
}
