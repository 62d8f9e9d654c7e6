import { type ImportResult } from '@bright-sprout/core/formats/importTidyCsv';

const LISTED_PROBLEMS = 12;

/** What the table will become, or what has to be put right first. */
export function ImportOutcome({ result, enough }: { result: ImportResult; enough: boolean }) {
  return (
    <>
      {result.ok ? (
        <p className="import-ready">
          {result.table.readings.length} readings of {result.table.units.length} containers in {result.table.treatments.length}{' '}
          treatments; the control is {result.table.treatments[0]!.label}.
          {!enough && ' Write the question and what was changed, then bring them in.'}
        </p>
      ) : (
        <div className="notice">
          <p className="notice-title">
            {result.problems.length === 1 ? 'One thing has' : `${result.problems.length} things have`} to be put right first;
            nothing is imported until then
          </p>
          <ul>
            {result.problems.slice(0, LISTED_PROBLEMS).map((p) => (
              <li key={`${p.line} ${p.sentence}`}>
                <b>Line {p.line}</b>: {p.sentence}
              </li>
            ))}
          </ul>
          {result.problems.length > LISTED_PROBLEMS && <p>and {result.problems.length - LISTED_PROBLEMS} more.</p>}
        </div>
      )}
    </>
  );
}
