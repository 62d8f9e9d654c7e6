import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween, formatDay, isDated, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type TapeOfDays } from '@bright-sprout/core/tape/dayTape';
import { Stations } from './Stations';

/** The stations of a growing investigation; the work has reached the one that is marked. */
export function InvestigationStations({
  records: { investigation, readings },
  tape,
  day,
  today,
}: {
  records: InvestigationRecords;
  tape: TapeOfDays;
  day: IsoDay | null;
  today: IsoDay;
}) {
  const base = `/investigations/${investigation.id}`;
  const keep = day === null ? '' : `?day=${day}`;
  const share = tape.days.find((d) => d.day === day)?.share ?? 0;
  const total = investigation.containers.length;
  const sown = daysBetween(investigation.sownOn, today);
  const sowing = {
    to: `${base}/sow${keep}`,
    name: say('page.sow'),
    state:
      investigation.deviations.length === 0
        ? say('page.asPlanned')
        : say('page.otherwise', { countDeviations: investigation.deviations.length }),
    done: sown >= 0,
  };
  return (
    <Stations
      stations={[
        { to: `${base}/plan${keep}`, name: say('common.plan'), state: say('page.settled'), done: true },
        ...(investigation.origin === 'planned' ? [sowing] : []),
        {
          to: `${base}${keep}`,
          name: say('page.check'),
          state: day === null ? say('common.nothingYet') : say('page.shownOfTotal', { shown: Math.round(share * total), total }),
          done: share === 1,
        },
        {
          to: `${base}/compare${keep}`,
          name: say('page.compare'),
          state: readings.length === 0 ? say('page.afterCheck') : say('page.ready'),
          done: false,
        },
        {
          to: `${base}/conclude${keep}`,
          name: say('page.conclude'),
          state:
            readings.length === 0
              ? say('page.afterCheck')
              : investigation.phase === 'finished'
                ? say('page.finished')
                : say('page.theLesson'),
          done: investigation.phase === 'finished',
          within: true,
        },
      ]}
      aside={
        investigation.phase === 'finished'
          ? isDated(investigation.sownOn)
            ? say('page.finishedSownOn', { sownOn: formatDay(investigation.sownOn) })
            : say('page.finished')
          : sown < 0
            ? say('page.daysSowing', { sown: -sown })
            : say('page.todayDay', { sown })
      }
    />
  );
}
