import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { type ComparedContainer, type Group } from '@bright-sprout/core/compare/compareOnDay';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { summaryWords } from '@bright-sprout/core/measures/summaryWords';

/** The chart's numbers as a table, and everyone who is in no mean by name. */
export function NumbersTable({
  records: { investigation },
  measure,
  groups,
}: {
  records: InvestigationRecords;
  measure: Measure;
  groups: Group[];
}) {
  const words = (value: number) => summaryWords(measure, value, investigation.resolution);
  const range = (low: number, high: number) => `${words(low)} to ${words(high)}`;
  return (
    <details className="mt-2">
      <summary>Show the numbers</summary>
      <div className="table-responsive">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Treatment</th>
              <th scope="col">Counted</th>
              <th scope="col">{measure.summedUp === 'order' ? 'Middle' : 'Mean'}</th>
              <th scope="col">95% interval</th>
              <th scope="col">Lowest to highest</th>
              <th scope="col">Not in the mean</th>
            </tr>
          </thead>
          <tbody>
            {groups.map((g) => (
              <tr key={g.treatment.code}>
                <th scope="row">
                  {g.treatment.code} {g.treatment.label}
                </th>
                <td>{g.dots.length}</td>
                <td>{g.summary.ok ? words(measure.summedUp === 'order' ? g.summary.median : g.summary.mean) : '–'}</td>
                <td>{g.summary.ok && g.summary.interval ? range(g.summary.interval.low, g.summary.interval.high) : '–'}</td>
                <td>{g.summary.ok ? range(g.summary.min, g.summary.max) : '–'}</td>
                <td>{leftOut(g, measure).join(', ') || 'none'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}

/** Who has no mark, and why; who counts as zero or as last seen has one. */
function leftOut({ dots, notUp, lost, removed, notMeasured, notChecked }: Group, measure: Measure): string[] {
  const marked = new Set(dots.map((d) => d.container.id));
  const out = (containers: readonly ComparedContainer[], why: string) =>
    containers.filter((c) => !marked.has(c.id)).map((c) => `${c.code} ${why}`);
  return [
    ...out(notUp, 'not up'),
    ...out(
      lost.map((l) => l.container),
      'lost',
    ),
    ...out(
      removed.map((r) => r.container),
      'taken out',
    ),
    ...out(notMeasured, `without ${measure.name}`),
    ...out(notChecked, 'not looked at'),
  ];
}
