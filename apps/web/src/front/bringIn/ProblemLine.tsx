import { say } from '@bright-sprout/words/say';
import { type TableMend, type TableProblem } from '@bright-sprout/core/formats/table/columnMeaning';

/** What is wrong with a line, and the ways to put it right, hanging from it. */
export function ProblemLine({
  problem,
  columns,
  alike,
  onMend,
  onForAll,
}: {
  problem: TableProblem;
  columns: number;
  /** How many lines have the same. */
  alike: number;
  onMend: (mends: TableMend[]) => void;
  onForAll: (alike: string, way: number) => void;
}) {
  return (
    <tr className="head-table-problem">
      <td colSpan={columns + 1}>
        <div className="head-table-problem-body">
          <span className="head-table-sentence">
            <b>{say('bringIn.lineNumber', { line: problem.line })}</b>: {problem.sentence}
          </span>
          <span className="head-table-ways">
            {problem.ways.map(({ words, mend }, i) => (
              <span key={words} className="head-table-way">
                <button type="button" className="btn" onClick={() => onMend([mend])}>
                  {words}
                </button>
                {alike > 1 && (
                  <button
                    type="button"
                    className="btn btn-plain"
                    aria-label={say('bringIn.inAllLikeIt', { words, alike })}
                    onClick={() => onForAll(problem.alike, i)}
                  >
                    {say('bringIn.allAlike', { alike })}
                  </button>
                )}
              </span>
            ))}
          </span>
        </div>
      </td>
    </tr>
  );
}
