import { say } from '@bright-sprout/words/say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type RestoredView } from '@bright-sprout/contracts/answers/restores';
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
            {say('bringIn.anotherFile')}
          </button>
        }
      />
      <main aria-live="polite">
        {isPending && (
          <div role="status" className="bring-in-far package-far">
            <p>{say('bringIn.bringingPackage')}</p>
            <progress max={1} value={share} aria-label={say('bringIn.howMuchIsIn')} />
            <button type="button" className="btn" onClick={stop}>
              {say('bringIn.stopBringNothing')}
            </button>
          </div>
        )}
        {error && <ProblemNotice error={error} />}
        {data === null && <p role="status">{say('bringIn.stoppedNothingBrought')}</p>}
        {data && (
          <section className="section">
            <h2>{data.added ? say('bringIn.itIsHereWhole') : say('bringIn.alreadyNothingAdded')}</h2>
            <p>
              {data.investigation.question}{' '}
              <span className="second">
                {say('bringIn.containersTreatments', {
                  countContainers: data.investigation.containers.length,
                  countTreatments: data.investigation.treatments.length,
                  name: data.investigation.class.name,
                  named: data.investigation.class.id !== group.id,
                })}
              </span>
            </p>
            <Link className="btn-next" to={`/investigations/${data.investigation.id}`}>
              {say('bringIn.openIt')}
            </Link>
          </section>
        )}
      </main>
    </>
  );
}
