import { say } from '@bright-sprout/words/say';
import { NavLink } from 'react-router';

/** The ways to look at what was checked. */
export function CheckViews({ investigationId }: { investigationId: string }) {
  const base = `/investigations/${investigationId}`;
  const views = [
    [base, say('page.wall')],
    [`${base}/log`, say('page.log')],
    [`${base}/together`, say('page.readTogether')],
    [`${base}/run`, say('page.runClass')],
    [`${base}/room`, say('page.room')],
    [`${base}/pictures`, say('page.pictures')],
  ] as const;
  return (
    <nav className="check-views no-print" aria-label={say('page.waysLook')}>
      {views.map(([to, name]) => (
        <NavLink key={to} to={to} end>
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
