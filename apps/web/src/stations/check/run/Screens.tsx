import { type NewScreenLink } from '@bright-sprout/contracts/screens';
import { useReach } from '../../../reach/useReach';
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
  const reach = useReach();
  const address = make.data && `${reach.address ?? location.origin}/screen/${make.data.token}`;
  const time = (at: string) =>
    new Date(at).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });
  return (
    <section className="section">
      <h2>Screens that show the wall</h2>
      <p>Whoever has the link sees the wall of this investigation, and nothing else.</p>
      <ul className="run-list">
        {links.data?.map((l, i) => (
          <li key={l.id}>
            Screen {i + 1}, made {time(l.madeAt)}
            {l.lastSeenAt ? `, last seen ${time(l.lastSeenAt)}` : ', not opened yet'}{' '}
            <button type="button" className="btn btn-plain" onClick={() => takeBack.mutate(l.id)}>
              take it back
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="btn" disabled={make.isPending} onClick={() => make.mutate(undefined)}>
        Make a link for a screen
      </button>
      {address && links.data?.some((l) => l.id === make.data.id) && (
        <p role="status" className="run-link">
          Open this on the screen; it is shown only now:
          <br />
          <a href={address} target="_blank" rel="noreferrer">
            {address}
          </a>
        </p>
      )}
      {(make.error ?? takeBack.error) && <ProblemNotice error={(make.error ?? takeBack.error)!} />}
    </section>
  );
}
