import { say } from '@bright-sprout/words/say';
import { type ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import { InvestigationFrame, type Looked } from '../../page/InvestigationFrame';
import { Empty } from '../../page/Notices';
import './conclude.scss';

const parts = () =>
  [
    ['', say('conclude.talkingPoints')],
    ['/claims', say('conclude.claims')],
    ['/expected', say('conclude.whatWeExpected')],
    ['/next', say('common.whatNext')],
    ['/report', say('conclude.report')],
    ['/certificates', say('common.certificates')],
    ['/end', say('common.theEnd')],
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
          <Empty title={say('conclude.nothingConcludeYet')}>
            <p>{say('conclude.afterFirstChecksOwn')}</p>
            <Link className="btn" to={`/investigations/${looked.records.investigation.id}`}>
              {say('conclude.toThePlants')}
            </Link>
          </Empty>
        ) : (
          <>
            <nav className="conclude-parts no-print" aria-label={say('conclude.partsLesson')}>
              {parts().map(([path, name]) => (
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
      {say('conclude.runThroughThem')}
    </Link>
  );
}
