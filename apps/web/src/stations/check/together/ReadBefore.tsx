import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type TogetherView as Gathered } from '@bright-sprout/contracts/answers/together';
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
      <h2>{say('together.wellClassReads')}</h2>
      {error ? (
        <p>
          <Say
            it="together.farOtherReadingsSame"
            sdMm={decimal(error.sdMm / (resolution === 'quarter-in' ? 25.4 : 10), 2)}
            b={(inside) => <b className="together-error">{inside}</b>}
            resolutionUnit={RESOLUTION_UNIT[resolution]}
            readings={error.readings}
            plants={error.plants}
          />
        </p>
      ) : (
        <p>{say('together.afterFirstPlantSeveral')}</p>
      )}
      {all.length > 0 && (
        <div className="table-scroll">
          <table className="table">
            <thead>
              <tr>
                <th scope="col">{say('common.plant')}</th>
                <th scope="col">{say('common.dayHead')}</th>
                <th scope="col">{say('together.settled')}</th>
                <th scope="col">{say('together.read')}</th>
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
                        ? say('together.toTeams', {
                            lowMm: formatLengthNumber(s.lowMm, resolution),
                            highMm: formatLengthNumber(s.highMm, resolution),
                            n: s.n,
                          })
                        : say('together.byNobody')}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
    </aside>
  );
}
