import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay, isDated, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Ribbon } from '@bright-sprout/core/ribbon/ribbon';
import { Stations } from './Stations';

/** The stations of a growing investigation; the work has reached the one that is marked. */
export function InvestigationStations({
  records: { investigation, readings },
  ribbon,
  day,
  today,
}: {
  records: InvestigationRecords;
  ribbon: Ribbon;
  day: IsoDay | null;
  today: IsoDay;
}) {
  const base = `/investigations/${investigation.id}`;
  const keep = day === null ? '' : `?day=${day}`;
  const share = ribbon.days.find((d) => d.day === day)?.share ?? 0;
  const total = investigation.containers.length;
  const sown = daysBetween(investigation.sownOn, today);
  const sowing = {
    to: `${base}/sow${keep}`,
    name: 'Sow',
    state: investigation.deviations.length === 0 ? 'as planned' : `${investigation.deviations.length} otherwise`,
    done: sown >= 0,
  };
  return (
    <Stations
      stations={[
        { to: `${base}/plan${keep}`, name: 'Plan', state: 'settled', done: true },
        ...(investigation.origin === 'planned' ? [sowing] : []),
        {
          to: `${base}${keep}`,
          name: 'Check',
          state: day === null ? 'nothing yet' : `${Math.round(share * total)} of ${total}`,
          done: share === 1,
        },
        { to: `${base}/compare${keep}`, name: 'Compare', state: readings.length === 0 ? 'after a check' : 'ready', done: false },
        {
          to: `${base}/conclude${keep}`,
          name: 'Conclude',
          state: readings.length === 0 ? 'after a check' : investigation.phase === 'finished' ? 'finished' : 'the lesson',
          done: investigation.phase === 'finished',
          within: true,
        },
      ]}
      aside={
        investigation.phase === 'finished'
          ? `finished${isDated(investigation.sownOn) ? ` · sown ${formatDay(investigation.sownOn)}` : ''}`
          : sown < 0
            ? `${-sown} days to sowing`
            : `today is day ${sown}`
      }
    />
  );
}
