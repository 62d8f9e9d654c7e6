import { wordsNow } from '@bright-sprout/words/words';
import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type NewScreenLink } from '@bright-sprout/contracts/answers/screens';
import { useWayIn } from '../../../wayIn/useWayIn';
import { request } from '../../../api/client';
import { useScreenLinks, useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/** Links for a projector or a screen in the hallway. */
export function Screens({ investigationId }: { investigationId: string }) {
  const path = `/investigations/${investigationId}/screen-links`;
  const links = useScreenLinks(investigationId);
  const make = useWrite(() => request<NewScreenLink>('POST', path), 'screen-links');
  const takeBack = useWrite((id: string) => request('DELETE', `${path}/${id}`), 'screen-links');
  // A screen in the hallway opens it from its own machine.
  const reach = useWayIn();
  const address = make.data && `${reach.address ?? location.origin}/screen/${make.data.token}`;
  const time = (at: string) =>
    new Date(at).toLocaleString(wordsNow().locale, { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });
  return (
    <section className="section">
      <h2>{say('run.screensShowWall')}</h2>
      <p>{say('run.whoeverLinkSeesWall')}</p>
      <ul className="run-list">
        {links.data?.map((l, i) => (
          <li key={l.id}>
            {say('run.screenMadeLastSeen', {
              i: i + 1,
              made: time(l.madeAt),
              lastSeen: l.lastSeenAt && time(l.lastSeenAt),
              wasSeen: Boolean(l.lastSeenAt),
            })}{' '}
            <button type="button" className="btn btn-plain" onClick={() => takeBack.mutate(l.id)}>
              {say('run.takeBack')}
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="btn" disabled={make.isPending} onClick={() => make.mutate(undefined)}>
        {say('run.makeLinkScreen')}
      </button>
      {address && links.data?.some((l) => l.id === make.data.id) && (
        <p role="status" className="run-link">
          <Say
            it="run.openScreenShownOnly"
            br={<br />}
            address={address}
            a={(inside) => (
              <a href={address} target="_blank" rel="noreferrer">
                {inside}
              </a>
            )}
          />
        </p>
      )}
      {(make.error ?? takeBack.error) && <ProblemNotice error={(make.error ?? takeBack.error)!} />}
    </section>
  );
}
