import { say } from '@bright-sprout/words/say';
import { type ReactNode } from 'react';
import { ServerProblem } from '../api/client';

/** Trouble in words: what happened, what was kept, what to do. */
export function ProblemNotice({ error, retry }: { error: unknown; retry?: () => void }) {
  const problem = error instanceof ServerProblem ? error.problem : null;
  const listed = problem?.errors?.filter((e) => e.sentence !== problem.detail) ?? [];
  return (
    <div className="notice" role="alert">
      <p className="notice-title">{problem?.title ?? say('page.thatDidNotWork')}</p>
      <p>{error instanceof Error ? error.message : say('page.somethingUnexpectedHappenedNothing')}</p>
      {listed.length > 0 && (
        <ul>
          {listed.map((e) => (
            <li key={`${e.path} ${e.sentence}`}>{e.sentence}</li>
          ))}
        </ul>
      )}
      {retry && (
        <button type="button" className="btn mt-2" onClick={retry}>
          {say('page.tryAgain')}
        </button>
      )}
    </div>
  );
}

export function Waiting({ children }: { children: ReactNode }) {
  return (
    <p className="waiting" role="status">
      {children}
    </p>
  );
}

/** Says what will be here and offers the step that fills it. */
export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="empty">
      <h2>{title}</h2>
      {children}
    </div>
  );
}

/** One query's three ends: waiting, trouble, or its data. */
export function Loaded<T>({
  query,
  what,
  children,
}: {
  query: { data: T | undefined; error: unknown; refetch: () => unknown };
  what: string;
  children: (data: T) => ReactNode;
}) {
  if (query.data !== undefined) return children(query.data);
  return query.error ? (
    <ProblemNotice error={query.error} retry={() => void query.refetch()} />
  ) : (
    <Waiting>{say('page.fetching', { what })}</Waiting>
  );
}
