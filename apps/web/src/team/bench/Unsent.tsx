import { sentWords } from '@bright-sprout/core/readings/sentWords';
import { isWaitingCheck, theOutbox, type WaitingEntry } from '../../api/outbox';

/** What waits on this device, and what the server would not take. */
export function Unsent({ waiting }: { waiting: readonly WaitingEntry[] }) {
  const refused = waiting.filter((c) => c.refused !== null);
  const unsent = waiting.filter((c) => c.refused === null && !c.confirmed);
  const [one, several] = unsent.every(isWaitingCheck) ? ['check waits', 'checks wait'] : ['entry waits', 'entries wait'];
  return (
    <>
      {unsent.length > 0 && (
        <p className="bench-waiting" role="status">
          {unsent.length} {unsent.length === 1 ? one : several} on this device and will be sent by itself.
        </p>
      )}
      {refused.map((c) => (
        <div key={c.id} className="notice" role="alert">
          <p className="notice-title">One {isWaitingCheck(c) ? 'check' : 'entry'} was not taken</p>
          <p>
            {c.refused}
            {isWaitingCheck(c) && ` What you entered: ${c.body.readings.map(sentWords).join(', ')}.`}
          </p>
          <button type="button" className="btn mt-2" onClick={() => void theOutbox().drop(c.id)}>
            We have read it
          </button>
        </div>
      ))}
    </>
  );
}
