import { NavLink } from 'react-router';

/** The ways to look at what was checked. */
export function CheckViews({ investigationId }: { investigationId: string }) {
  const base = `/investigations/${investigationId}`;
  const views = [
    [base, 'Wall'],
    [`${base}/log`, 'Log'],
    [`${base}/together`, 'Read together'],
    [`${base}/run`, 'Run the class'],
    [`${base}/room`, 'Room'],
    [`${base}/pictures`, 'Pictures'],
  ] as const;
  return (
    <nav className="check-views no-print" aria-label="Ways to look">
      {views.map(([to, name]) => (
        <NavLink key={to} to={to} end>
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
