import { type ContainerView, type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay } from '@bright-sprout/core/calendar/days';
import { currentReadings, LOST_WORDS, type Reading, replacedBy } from '@bright-sprout/core/measure/reading';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { Offcanvas } from 'react-bootstrap';

/** Everything recorded of one container, day by day; what was corrected stands struck through beside its correction. */
export function PlantStory({
  container,
  records,
  onClose,
}: {
  container: ContainerView;
  records: InvestigationRecords;
  onClose: () => void;
}) {
  const { investigation, readings } = records;
  const own = readings.filter((r) => r.containerId === container.id);
  const treatment = investigation.treatments.find((t) => t.code === container.treatment)!;
  return (
    <Offcanvas show onHide={onClose} placement="end" aria-labelledby="story-title">
      <Offcanvas.Header closeButton closeLabel="Close">
        <Offcanvas.Title as="h2" id="story-title">
          {container.code} · {treatment.label}
        </Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>
        <p className="second">
          {container.block === null ? 'No team' : container.block} · {container.seedsSown}{' '}
          {container.seedsSown === 1 ? 'seed' : 'seeds'} sown on {formatDay(investigation.sownOn)}
        </p>
        {own.length === 0 ? (
          <p>Nobody has looked at it yet.</p>
        ) : (
          <table className="table">
            <thead>
              <tr>
                <th scope="col">Day</th>
                <th scope="col">Date</th>
                <th scope="col">Seen</th>
              </tr>
            </thead>
            <tbody>
              {currentReadings(own).map((r) => (
                <tr key={r.id}>
                  <td className="numeral">{daysBetween(investigation.sownOn, r.day)}</td>
                  <td>{formatDay(r.day)}</td>
                  <td>
                    {replacedBy(own, r.id).map((old) => (
                      <s key={old.id} className="second me-2">
                        {inWords(old, records)}
                      </s>
                    ))}
                    <b>{inWords(r, records)}</b>
                    {r.note && <div className="second">“{r.note}”</div>}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Offcanvas.Body>
    </Offcanvas>
  );
}

function inWords(reading: Reading, { investigation }: InvestigationRecords): string {
  if (reading.state === 'measured')
    return formatLength(reading.valueMm!, investigation.origin === 'imported' ? 'mm' : investigation.resolution);
  if (reading.state === 'lost') return LOST_WORDS[reading.lostReason ?? 'other'];
  return reading.state === 'not-up' ? 'not up yet' : 'could not check';
}
