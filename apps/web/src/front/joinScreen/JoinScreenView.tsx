import { say } from '@bright-sprout/words/say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { joinLink } from '@bright-sprout/core/wayIn/shortLink';
import { Link } from 'react-router';
import { EmblemMark } from '../../marks/EmblemMark';
import { ClassPage } from '../../page/ClassPage';
import { NotReached } from '../../wayIn/NotReached';
import { Square } from '../../wayIn/Square';
import { useWayIn } from '../../wayIn/useWayIn';
import { withoutScheme } from '../../wayIn/withoutScheme';
import './joinScreen.scss';

/** What teams need to come in, as large as a projector shows it: where, which class, and what to do then. */
export function JoinScreenView() {
  return <ClassPage>{(group) => <JoinScreen group={group} />}</ClassPage>;
}

function JoinScreen({ group }: { group: ClassView }) {
  const { asked, address } = useWayIn();
  return (
    <main className="join-screen">
      <header>
        <h1>{say('joining.joinTeam', { name: group.name })}</h1>
        <Link className="btn no-print" to={`/classes/${group.id}`}>
          {say('joining.backClass')}
        </Link>
      </header>
      {!asked && address === null && <NotReached />}
      <div className="join-screen-ways">
        {address !== null && (
          <Square
            className="join-screen-square"
            text={joinLink(address, group.joinCode)}
            name={say('joining.joinsClassWhenScanned')}
          />
        )}
        <div>
          {address !== null && (
            <>
              <p className="join-screen-step">{say('joining.scanSquareOpen')}</p>
              <p className="join-screen-address">{say('joining.join', { withoutScheme: withoutScheme(address) })}</p>
            </>
          )}
          <p className="join-screen-step">{say('joining.classCode')}</p>
          <p className="join-screen-code">{group.joinCode}</p>
          <p className="join-screen-step">{say('joining.tapEmblemTypePin')}</p>
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
