import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { dayInZone, daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type ReactNode, useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useLive } from '../api/live';
import { useInvestigation } from '../api/queries';
import { DayRibbon } from './DayRibbon';
import { Loaded } from './Notices';
import { PageHead } from './PageHead';
import { ribbonDays } from './ribbonDays';
import { Stations } from './Stations';

export interface Looked {
  records: InvestigationRecords;
  /** The day looked at; null before the first record. */
  day: IsoDay | null;
  /** Looks at another day. */
  look: (day: IsoDay) => void;
  /** The recorded day before it. */
  before: IsoDay | null;
}

/** Header, tape of days and stations around everything that is about one investigation. */
export function InvestigationFrame({
  next,
  children,
}: {
  next: (looked: Looked) => ReactNode;
  children: (looked: Looked) => ReactNode;
}) {
  const { id = '' } = useParams();
  const query = useInvestigation(id);
  const live = useLive();
  return (
    <div className="page">
      <Loaded query={query} what="the investigation">
        {(records) => (
          <Framed records={records} live={live} next={next}>
            {children}
          </Framed>
        )}
      </Loaded>
    </div>
  );
}

function Framed({
  records,
  live,
  next,
  children,
}: {
  records: InvestigationRecords;
  live: boolean;
  next: (looked: Looked) => ReactNode;
  children: (looked: Looked) => ReactNode;
}) {
  const { investigation, readings } = records;
  const [search, setSearch] = useSearchParams();
  const days = useMemo(() => ribbonDays(records), [records]);
  // The page follows at once, so that keys may come fast; the address follows the page.
  const [wanted, setWanted] = useState(search.get('day'));
  const look = (to: IsoDay) => {
    setWanted(to);
    setSearch({ day: to }, { replace: true });
  };
  const known = days.map((d) => d.day);
  const day = wanted !== null && known.includes(wanted) ? wanted : (known[known.length - 1] ?? null);
  const before = day === null ? null : (known[known.indexOf(day) - 1] ?? null);
  const looked = { records, day, before, look };
  const today = dayInZone(new Date(), investigation.class.timeZone);
  const lastRecorded = known[known.length - 1] ?? investigation.sownOn;
  const last = investigation.phase === 'growing' && today > lastRecorded ? today : lastRecorded;
  const base = `/investigations/${investigation.id}`;
  const keep = wanted === null ? '' : `?day=${wanted}`;
  const share = days.find((d) => d.day === day)?.share ?? 0;
  const total = investigation.containers.length;
  const sown = daysBetween(investigation.sownOn, today);
  return (
    <>
      <PageHead
        tag={
          <Link to={`/classes/${investigation.class.id}`} className="group-tag">
            {investigation.class.name}
          </Link>
        }
        title={investigation.question}
        aside={<LiveSign live={live} phase={investigation.phase} />}
        next={next(looked)}
      />
      <DayRibbon sownOn={investigation.sownOn} last={last} recorded={days} chosen={day} onChoose={look} />
      <Stations
        stations={[
          { to: `${base}/plan${keep}`, name: 'Plan', state: 'settled', done: true },
          ...(investigation.origin === 'planned'
            ? [
                {
                  to: `${base}/sow${keep}`,
                  name: 'Sow',
                  state: investigation.deviations.length === 0 ? 'as planned' : `${investigation.deviations.length} otherwise`,
                  done: sown >= 0,
                },
              ]
            : []),
          {
            to: `${base}${keep}`,
            name: 'Check',
            state: day === null ? 'nothing yet' : `${Math.round(share * total)} of ${total}`,
            done: share === 1,
          },
          {
            to: `${base}/compare${keep}`,
            name: 'Compare',
            state: readings.length === 0 ? 'after a check' : 'ready',
            done: false,
          },
        ]}
        aside={
          investigation.phase === 'finished'
            ? `finished · sown ${formatDay(investigation.sownOn)}`
            : sown < 0
              ? `${-sown} days to sowing`
              : `today is day ${sown}`
        }
      />
      {children(looked)}
    </>
  );
}

function LiveSign({ live, phase }: { live: boolean; phase: string }) {
  if (phase === 'finished') return <span>All saved</span>;
  return (
    <span role="status">
      <svg width="14" height="12" viewBox="0 0 14 12" aria-hidden="true">
        <path d={live ? 'M1 6l4 4.500L13 1' : 'M2 6h10'} fill="none" stroke={live ? '#0A6C6E' : '#B93A12'} strokeWidth="2.500" />
      </svg>{' '}
      {live ? 'Live: checks appear by themselves' : 'Connecting …'}
    </span>
  );
}
