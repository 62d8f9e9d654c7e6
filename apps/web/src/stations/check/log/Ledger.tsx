import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { replacedBy } from '@bright-sprout/core/readings/reading';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { cellText } from './cellText';
import { LedgerCell } from './LedgerCell';
import { type LedgerTable, useLedger } from './useLedger';

interface Props extends Omit<LedgerTable, 'resolution'> {
  records: InvestigationRecords;
  onLookAt: (name: string, day: IsoDay) => void;
}

/** The table itself: plants down, check days across. */
export function Ledger({ records, onLookAt, ...table }: Props) {
  const { sownOn, resolution } = records.investigation;
  const { measure, rows, days, cell } = table;
  const ledger = useLedger({ ...table, resolution });
  const { here, editing } = ledger;
  return (
    <div className="ledger-holder">
      <table className="ledger" role="grid" aria-label="Log of the class" ref={ledger.table} onKeyDown={ledger.onKeyDown}>
        <thead>
          <tr>
            <th scope="col">Plant</th>
            {days.map((day) => (
              <th key={day} scope="col">
                <span className="numeral">{daysBetween(sownOn, day)}</span>
                <span className="ledger-date">{formatDay(day, 'short').replace(/^\w+ /, '')}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, r) => (
            <tr key={row.name}>
              <th scope="row">
                <TreatmentMark code={row.treatment} size={15} /> {row.name}
              </th>
              {days.map((day, d) => {
                const found = cell(row, day);
                const [old] = found ? replacedBy(records.readings, found.reading.id) : [];
                const waits = ledger.waits(row, day);
                const words = waits ?? cellText(found?.reading ?? null, measure, resolution);
                return (
                  <LedgerCell
                    key={day}
                    name={row.name}
                    day={day}
                    at={`${r} ${d}`}
                    found={found}
                    words={words}
                    old={old ? cellText(old, measure, resolution) : null}
                    waits={waits !== undefined}
                    here={here.row === r && here.day === d}
                    typing={editing?.row.name === row.name && editing.day === day ? editing.text : null}
                    refused={ledger.refused !== ''}
                    onBegin={() => ledger.begin(words, row, day)}
                    onType={ledger.type}
                    onLeave={ledger.keep}
                    onFocus={() => {
                      ledger.setAt({ row: r, day: d });
                      onLookAt(row.name, day);
                    }}
                  />
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {ledger.refused && (
        <p className="ledger-refused" role="alert">
          {ledger.refused} What you typed is still in its cell.
        </p>
      )}
    </div>
  );
}
