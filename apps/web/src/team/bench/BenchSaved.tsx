import { listInWords } from '@bright-sprout/core/words/listInWords';
import { say } from '@bright-sprout/words/say';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { LOST_WORDS } from '@bright-sprout/core/readings/reading';
import { type Card } from './useCard';

/** The answer is on record: said, and the way to change it. */
export function BenchSaved({
  code,
  lost,
  saved,
  elsewhere,
  onChange,
}: {
  code: string;
  saved: boolean;
  /** What other devices wrote of the same plant today, in words, where it contradicts this. */
  elsewhere: readonly string[];
  onChange: () => void;
} & Pick<Card, 'lost'>) {
  return (
    <>
      {elsewhere.length > 0 && (
        <div className="notice" role="alert">
          <p className="notice-title">{say('bench.twoDevicesDisagreeAbout', { code })}</p>
          <p>{say('bench.anotherDeviceWroteToday', { elsewhere: listInWords(elsewhere) })}</p>
        </div>
      )}
      <div className="bench-saved">
        <p role="status">
          {lost
            ? say('bench.seenOn', { code, lostWords: LOST_WORDS[lost.lostReason ?? 'other'], lostOn: formatDay(lost.lostOn!) })
            : say('bench.doneToday', { code })}
        </p>
        <button type="button" className="btn" onClick={onChange}>
          {lost && !saved ? say('bench.aliveAfter') : say('bench.changeIt')}
        </button>
      </div>
    </>
  );
}
