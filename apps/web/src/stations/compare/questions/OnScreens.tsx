import { type ScreenLinkView } from '@bright-sprout/contracts/screens';
import { Link } from 'react-router';
import { request } from '../../../api/client';
import { useScreenLinks, useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';

/**
 * Puts the question on a projector's link in the place of the wall, and the wall back.
 * @param own it asks of this class alone: a screen's link opens nothing else
 */
export function OnScreens({ investigationId, search, own }: { investigationId: string; search: string; own: boolean }) {
  const links = useScreenLinks(investigationId);
  const show = useWrite(
    ({ id, address }: { id: string; address: string | null }) =>
      request<ScreenLinkView>('PUT', `/investigations/${investigationId}/screen-links/${id}/question`, { address }),
    'screen-links',
  );
  if (!links.data) return null;
  return (
    <>
      <h3 className="mt-3">On a screen</h3>
      {links.data.length === 0 && (
        <p className="second">
          No screen has a link yet. <Link to={`/investigations/${investigationId}/run`}>Make one</Link> and it can show this
          question.
        </p>
      )}
      {!own && links.data.length > 0 && (
        <p className="second">This question takes in other classes; a screen shows this class alone.</p>
      )}
      <ul className="question-list">
        {links.data.map((l, i) => (
          <li key={l.id}>
            Screen {i + 1} shows {l.question === null ? 'the wall' : l.question === search ? 'this question' : 'another question'}{' '}
            {own && l.question !== search && (
              <button type="button" className="btn" onClick={() => show.mutate({ id: l.id, address: search })}>
                Show this question
              </button>
            )}
            {l.question !== null && (
              <button type="button" className="btn btn-plain" onClick={() => show.mutate({ id: l.id, address: null })}>
                Show the wall
              </button>
            )}
          </li>
        ))}
      </ul>
      {show.error && <ProblemNotice error={show.error} />}
    </>
  );
}
