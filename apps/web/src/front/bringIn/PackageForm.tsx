import { type ClassView } from '@bright-sprout/contracts/classes';
import { type RestoredView } from '@bright-sprout/contracts/restores';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { useLongWrite } from '../../api/useLongWrite';
import { ProblemNotice } from '../../page/Notices';
import { BringInHead } from './BringInHead';

/** A package that left from here comes back: it says itself what it is. */
export function PackageForm({ group, file, onBack }: { group: ClassView; file: File; onBack: () => void }) {
  const { mutate, data, error, isPending, share, stop } = useLongWrite<RestoredView>(
    `/classes/${group.id}/package`,
    'investigations',
    'classes',
  );
  const begun = useRef(false);
  useEffect(() => {
    // The file that was dropped is brought in once, however often the page is drawn.
    if (begun.current) return;
    begun.current = true;
    mutate(() => Promise.resolve(new Blob([file], { type: 'application/zip' })));
  }, [file, mutate]);
  return (
    <>
      <BringInHead
        group={group}
        aside={file.name}
        next={
          <button type="button" className="btn" onClick={onBack} disabled={isPending}>
            Another file
          </button>
        }
      />
      <main aria-live="polite">
        {isPending && (
          <div role="status" className="bring-in-far package-far">
            <p>Bringing the package in …</p>
            <progress max={1} value={share} aria-label="How much is in" />
            <button type="button" className="btn" onClick={stop}>
              Stop: bring nothing in
            </button>
          </div>
        )}
        {error && <ProblemNotice error={error} />}
        {data === null && <p role="status">It was stopped, and nothing was brought in.</p>}
        {data && (
          <section className="section">
            <h2>{data.added ? 'It is here, whole' : 'It was here already: nothing was added'}</h2>
            <p>
              {data.investigation.question}{' '}
              <span className="second">
                {data.investigation.containers.length} containers in {data.investigation.treatments.length} treatments
                {data.investigation.class.id !== group.id && `, in ${data.investigation.class.name}`}
              </span>
            </p>
            <Link className="btn-next" to={`/investigations/${data.investigation.id}`}>
              Open it
            </Link>
          </section>
        )}
      </main>
    </>
  );
}
