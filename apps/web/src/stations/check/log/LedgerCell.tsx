import { say } from '@bright-sprout/words/say';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type ReadingState } from '@bright-sprout/core/readings/reading';
import { memo } from 'react';

interface Props {
  /** The plant. */
  name: string;
  day: IsoDay;
  /** Row and column. */
  at: string;
  state: ReadingState | null;
  doubtful: boolean;
  words: string;
  /** What stood here before it was corrected. */
  old: string | null;
  /** Typed, and on its way. */
  waits: boolean;
  /** The keys arrive here. */
  here: boolean;
  /** What is being typed here. */
  typing: string | null;
  refused: boolean;
  onType: (text: string) => void;
  onLeave: () => void;
}

/** One plant on one day: its mark or number, struck through where it was corrected, or the field in which it is typed. */
export const LedgerCell = memo(function LedgerCell({ name, day, at, state, doubtful, words, old, waits, here, ...props }: Props) {
  const { typing, refused, onType, onLeave } = props;
  const classes = [
    doubtful && 'doubtful',
    old !== null && 'corrected',
    waits && 'waits',
    state === 'measured' ? 'numeral' : 'state',
  ];
  return (
    <td
      role="gridcell"
      data-cell={at}
      tabIndex={here && typing === null ? 0 : -1}
      className={classes.filter(Boolean).join(' ')}
      aria-label={say('log.doubtfulCorrected', {
        name,
        day: formatDay(day),
        words: words || say('log.nothing'),
        doubtful,
        old,
        hasOld: old !== null,
      })}
    >
      {typing !== null ? (
        <input
          autoFocus
          aria-label={say('log.nameOnDay', { name, day: formatDay(day) })}
          aria-invalid={refused}
          value={typing}
          maxLength={40}
          onChange={(e) => onType(e.target.value)}
          onBlur={onLeave}
        />
      ) : (
        <>
          {words}
          {old !== null && <s className="ledger-old">{old}</s>}
        </>
      )}
    </td>
  );
});
