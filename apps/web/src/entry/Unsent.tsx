import { sentWords } from '@bright-sprout/core/readings/sentWords';
import { useAskBeforeLeaving } from '../page/useAskBeforeLeaving';
import { isWaitingCheck, theOutbox, type WaitingEntry } from '../api/outbox';
import './unsent.scss';

/** What waits on this device, and what the server would not take. */
export function Unsent({ waiting }: { waiting: readonly WaitingEntry[] }) {
  const refused = waiting.filter((c) => c.refused !== null);
  const onTheWay = waiting.filter((c) => c.refused === null && !c.confirmed);
  const unsent = onTheWay.filter((c) => c.kept);
  const notKept = onTheWay.filter((c) => c.kept === false).length;
  // Over plain HTTP a browser allows no worker that opens the page without a network.
  const opensAgain = 'serviceWorker' in navigator;
  useAskBeforeLeaving(notKept > 0 || (!opensAgain && onTheWay.length > 0));
  const [one, several] = unsent.every(isWaitingCheck) ? ['check waits', 'checks wait'] : ['entry waits', 'entries wait'];
  return (
    <>
      {unsent.length > 0 && (
        <p className="unsent-waiting" role="status">
          {unsent.length} {unsent.length === 1 ? one : several} on this device and will be sent by itself.
          {!opensAgain && ' Keep this page open until then: without a network it does not open again here.'}
        </p>
      )}
      {notKept > 0 && (
        <div className="notice" role="alert">
          <p className="notice-title">This device cannot keep what you enter</p>
          <p>
            Its storage is full or switched off. Leave this page open until{' '}
            {notKept === 1 ? 'your entry is' : `all ${notKept} entries are`} sent, and tell your teacher.
          </p>
        </div>
      )}
      {refused.map((c) => (
        <div key={c.id} className="notice" role="alert">
          <p className="notice-title">One {isWaitingCheck(c) ? 'check' : 'entry'} was not taken</p>
          <p>
            {c.refused}
            {isWaitingCheck(c) && ` What you entered: ${c.body.readings.map(sentWords).join(', ')}.`}
            {c.told && ' Your teacher has it now, and decides.'}
          </p>
          <p className="d-flex gap-2 flex-wrap mb-0">
            <button type="button" className="btn" onClick={() => void theOutbox().again(c.id)}>
              Send it again
            </button>
            <button type="button" className="btn btn-plain" onClick={() => void theOutbox().drop(c.id)}>
              {c.told ? 'We leave it to our teacher' : 'Throw it away'}
            </button>
          </p>
        </div>
      ))}
    </>
  );
}
