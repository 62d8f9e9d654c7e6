import { say } from '@bright-sprout/words/say';
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
      <p>{say('log.newAndCorrecting', { fresh, changed })}</p>
      {problems.length > 0 && (
        <ul>
          {problems.slice(0, 8).map((p) => (
            <li key={`${p.line}${p.sentence}`}>{say('log.lineSays', { line: p.line, sentence: p.sentence })}</li>
          ))}
          {problems.length > 8 && <li>{say('log.andMore', { countProblems: problems.length - 8 })}</li>}
        </ul>
      )}
      <button type="button" className="btn" disabled={fresh === 0} onClick={() => onTake('fresh')}>
        {say('log.takeNewOnes')}
      </button>{' '}
      <button type="button" className="btn btn-plain" disabled={changed === 0} onClick={() => onTake('all')}>
        {say('log.correctOthers')}
      </button>
    </div>
  );
}
