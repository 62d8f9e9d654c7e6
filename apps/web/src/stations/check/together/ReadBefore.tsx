import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { type TogetherView as Gathered } from '@bright-sprout/contracts/together';
import { dayInZone, formatDay } from '@bright-sprout/core/calendar/days';
import { summaryOf } from '@bright-sprout/core/readings/together';
import { formatLength, formatLengthNumber, RESOLUTION_UNIT } from '@bright-sprout/core/quantities/length';
import { errorOfClass } from '../../../records/useReadingError';

/** The plants that were settled, and what they say of this class's reading. */
export function ReadBefore({ all, records: { investigation } }: { all: Gathered[]; records: InvestigationRecords }) {
  const { resolution } = investigation;
  const error = errorOfClass(all);
  return (
    <aside className="section together-side">
      <h2>How well this class reads</h2>
      {error ? (
        <p>
          <b className="together-error">± {(error.sdMm / (resolution === 'quarter-in' ? 25.4 : 10)).toFixed(2)}</b>{' '}
          {RESOLUTION_UNIT[resolution]}: so far from each other are readings of the same plant, as a standard deviation, from{' '}
          {error.readings} readings of {error.plants} {error.plants === 1 ? 'plant' : 'plants'}. Differences between treatments
          that are not much larger say little; the claim minds it.
        </p>
      ) : (
        <p>
          After the first plant that several teams have read, the class’s own reading error stands here, and the claim minds it.
        </p>
      )}
      {all.length > 0 && (
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Plant</th>
              <th scope="col">Day</th>
              <th scope="col">Settled</th>
              <th scope="col">Read</th>
            </tr>
          </thead>
          <tbody>
            {all.map((t) => {
              const s = summaryOf(t.readings.map((r) => r.valueMm));
              return (
                <tr key={t.id}>
                  <th scope="row">{t.code}</th>
                  <td>{formatDay(dayInZone(new Date(t.openedAt), investigation.class.timeZone), 'short')}</td>
                  <td className="numeral">{formatLength(t.settledMm!, resolution)}</td>
                  <td>
                    {s
                      ? `${formatLengthNumber(s.lowMm, resolution)} to ${formatLengthNumber(s.highMm, resolution)}, ${s.n} teams`
                      : 'by nobody'}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </aside>
  );
}
