import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type ScreenLinkView } from '@bright-sprout/contracts/answers/screens';
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
      <h3 className="mt-3">{say('compare.onAScreen')}</h3>
      {links.data.length === 0 && (
        <p className="second">
          <Say
            it="compare.screenLinkYetMake"
            link={(inside) => <Link to={`/investigations/${investigationId}/run`}>{inside}</Link>}
          />
        </p>
      )}
      {!own && links.data.length > 0 && <p className="second">{say('compare.questionTakesOtherClasses')}</p>}
      <ul className="question-list">
        {links.data.map((l, i) => (
          <li key={l.id}>
            {say('compare.screenShowsWallQuestion', {
              i: i + 1,
              sameQuestion: l.question === search,
              noQuestion: l.question === null,
            })}{' '}
            {own && l.question !== search && (
              <button type="button" className="btn" onClick={() => show.mutate({ id: l.id, address: search })}>
                {say('compare.showQuestion')}
              </button>
            )}
            {l.question !== null && (
              <button type="button" className="btn btn-plain" onClick={() => show.mutate({ id: l.id, address: null })}>
                {say('compare.showWall')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {show.error && <ProblemNotice error={show.error} />}
    </>
  );
}
