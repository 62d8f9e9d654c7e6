import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type LogCell } from '@bright-sprout/core/readings/logRows';

interface Props {
  /** The plant. */
  name: string;
  day: IsoDay;
  /** Row and column. */
  at: string;
  found: LogCell | null;
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
  onBegin: () => void;
  onType: (text: string) => void;
  onLeave: () => void;
  onFocus: () => void;
}

/** One plant on one day: its mark or number, struck through where it was corrected, or the field in which it is typed. */
export function LedgerCell({ name, day, at, found, words, old, waits, here, typing, refused, ...on }: Props) {
  const classes = [
    found?.doubtful && 'doubtful',
    old !== null && 'corrected',
    waits && 'waits',
    found?.reading.state === 'measured' ? 'numeral' : 'state',
  ];
  return (
    <td
      role="gridcell"
      data-cell={at}
      tabIndex={here && typing === null ? 0 : -1}
      className={classes.filter(Boolean).join(' ')}
      aria-label={`${name}, ${formatDay(day)}: ${words || 'nothing'}${found?.doubtful ? ', doubtful' : ''}${old !== null ? `, corrected from ${old}` : ''}`}
      onDoubleClick={on.onBegin}
      onFocus={on.onFocus}
    >
      {typing !== null ? (
        <input
          autoFocus
          aria-label={`${name} on ${formatDay(day)}`}
          aria-invalid={refused}
          value={typing}
          maxLength={40}
          onChange={(e) => on.onType(e.target.value)}
          onBlur={on.onLeave}
        />
      ) : (
        <>
          {words}
          {old !== null && <s className="ledger-old">{old}</s>}
        </>
      )}
    </td>
  );
}
