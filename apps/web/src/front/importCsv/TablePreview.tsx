import { type CsvTable } from '@bright-sprout/core/formats/readCsv';

const PREVIEW_ROWS = 4;

/** The first lines of a table as they stand in the file. */
export function TablePreview({ csv }: { csv: CsvTable }) {
  return (
    <div className="table-responsive">
      <table className="table import-preview">
        <thead>
          <tr>
            <th scope="col">line</th>
            {csv.headings.map((h) => (
              <th scope="col" key={h}>
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {csv.rows.slice(0, PREVIEW_ROWS).map((r) => (
            <tr key={r.line}>
              <td className="second">{r.line}</td>
              {csv.headings.map((h) => (
                <td key={h}>{r.cells[h]}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
