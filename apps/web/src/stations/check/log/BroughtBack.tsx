/** What a filled-in file says, before any of it is taken in. */
export function BroughtBack({
  fresh,
  changed,
  problems,
  onTake,
}: {
  /** How many looks are new, and how many would correct what stands there. */
  fresh: number;
  changed: number;
  problems: readonly { line: number; sentence: string }[];
  onTake: (which: 'fresh' | 'all') => void;
}) {
  return (
    <div role="status" className="log-sheet">
      <p>
        {fresh} new {fresh === 1 ? 'look' : 'looks'}, {changed} that would correct what stands there.
      </p>
      {problems.length > 0 && (
        <ul>
          {problems.slice(0, 8).map((p) => (
            <li key={`${p.line}${p.sentence}`}>
              Line {p.line}: {p.sentence}
            </li>
          ))}
          {problems.length > 8 && <li>and {problems.length - 8} more</li>}
        </ul>
      )}
      <button type="button" className="btn" disabled={fresh === 0} onClick={() => onTake('fresh')}>
        Take in the new ones
      </button>{' '}
      <button type="button" className="btn btn-plain" disabled={changed === 0} onClick={() => onTake('all')}>
        and correct the others
      </button>
    </div>
  );
}
