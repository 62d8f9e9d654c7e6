import { say } from '@bright-sprout/words/say';
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
  return (
    <>
      {unsent.length > 0 && (
        <p className="unsent-waiting" role="status">
          {say('entry.deviceSentItselfKeep', {
            countUnsent: unsent.length,
            isCheck: unsent.every(isWaitingCheck),
            opensAgain,
          })}
        </p>
      )}
      {notKept > 0 && (
        <div className="notice" role="alert">
          <p className="notice-title">{say('entry.deviceCannotKeepEnter')}</p>
          <p>{say('entry.storageFullSwitchedOff', { notKept })}</p>
        </div>
      )}
      {refused.map((c) => (
        <div key={c.id} className="notice" role="alert">
          <p className="notice-title">{say('entry.oneWasNotTaken', { isCheck: isWaitingCheck(c) })}</p>
          <p>
            {c.refused}
            {isWaitingCheck(c) && ` ${say('entry.whatYouEntered', { readings: c.body.readings.map(sentWords).join(', ') })}`}
            {c.told && ` ${say('entry.teacherNowDecides')}`}
          </p>
          <p className="d-flex gap-2 flex-wrap mb-0">
            <button type="button" className="btn" onClick={() => void theOutbox().again(c.id)}>
              {say('entry.sendAgain')}
            </button>
            <button type="button" className="btn btn-plain" onClick={() => void theOutbox().drop(c.id)}>
              {c.told ? say('entry.leaveTeacher') : say('entry.throwAway')}
            </button>
          </p>
        </div>
      ))}
    </>
  );
}
