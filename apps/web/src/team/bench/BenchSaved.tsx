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
          <p className="notice-title">Two devices disagree about {code}</p>
          <p>
            Another device wrote {elsewhere.join(' and ')} for it today. Both are kept. Look again together, and change the wrong
            one.
          </p>
        </div>
      )}
      <div className="bench-saved">
        <p role="status">
          {lost
            ? `${code} ${LOST_WORDS[lost.lostReason ?? 'other']}, seen on ${formatDay(lost.lostOn!)}.`
            : `${code} is done for today.`}
        </p>
        <button type="button" className="btn" onClick={onChange}>
          {lost && !saved ? 'It is alive after all' : 'Change it'}
        </button>
      </div>
    </>
  );
}
