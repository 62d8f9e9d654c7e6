import { type ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import { InvestigationFrame, type Looked } from '../../page/InvestigationFrame';
import { Empty } from '../../page/Notices';
import './conclude.scss';

const PARTS = [
  ['', 'Talking points'],
  ['/claims', 'Claims'],
  ['/expected', 'What we expected'],
  ['/next', 'What next'],
  ['/report', 'Report'],
  ['/certificates', 'Certificates'],
  ['/end', 'The end'],
] as const;

/** The parts of the lesson after the last check, under the tape and the stations. */
export function ConcludeFrame({
  next,
  children,
}: {
  next?: (looked: Looked) => ReactNode;
  children: (looked: Looked & { day: string }) => ReactNode;
}) {
  return (
    <InvestigationFrame wholeClass next={next ?? toRunThrough}>
      {(looked) => {
        const base = `/investigations/${looked.records.investigation.id}/conclude`;
        return looked.day === null ? (
          <Empty title="Nothing to conclude yet">
            <p>After the first checks, what your own records ask stands here: talking points, claims and a report.</p>
            <Link className="btn" to={`/investigations/${looked.records.investigation.id}`}>
              To the plants
            </Link>
          </Empty>
        ) : (
          <>
            <nav className="conclude-parts no-print" aria-label="Parts of the lesson">
              {PARTS.map(([path, name]) => (
                <NavLink key={path} to={`${base}${path}`} end>
                  {name}
                </NavLink>
              ))}
            </nav>
            {children({ ...looked, day: looked.day })}
          </>
        );
      }}
    </InvestigationFrame>
  );
}

function toRunThrough({ records, day }: Looked) {
  return day === null ? null : (
    <Link className="btn-next" to={`/investigations/${records.investigation.id}/run-through`}>
      Run through them
    </Link>
  );
}
