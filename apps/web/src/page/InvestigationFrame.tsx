import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { roomDays } from '@bright-sprout/core/room/roomRecord';
import { type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useLive } from '../api/live';
import { useInvestigation, useRoom } from '../api/queries';
import { DayTape } from '../tape/DayTape';
import { NO_PEGS, type TapePeg } from '../tape/DayTapePegs';
import { Loaded } from './Notices';
import { PageHead } from './PageHead';
import { recordedOn, type TapeOfDays, dayTapeOf } from '@bright-sprout/core/tape/dayTape';
import { WHOLE_CLASS } from '@bright-sprout/core/readings/answeredShares';
import { InvestigationStations } from './InvestigationStations';

/** The address is changed when nobody has moved the day for so long. */
const REST_MS = 250;

export interface Looked {
  records: InvestigationRecords;
  /** The day looked at; null before the first record. */
  day: IsoDay | null;
  /** Looks at another day. */
  look: (day: IsoDay) => void;
  /** The recorded day before it. */
  before: IsoDay | null;
  /** Hangs something on the days of the tape that it tells of. */
  hang: (pegs: readonly TapePeg[]) => void;
}

/** Header, tape of days and stations around everything that is about one investigation. */
export function InvestigationFrame({
  wholeClass = false,
  withTape = true,
  next,
  children,
}: {
  /** The tape of days stands under the head; a page that has one of its own goes without. */
  withTape?: boolean;
  /** Opens on a day on which most were looked at, not on one that has only begun. */
  wholeClass?: boolean;
  next: (looked: Looked) => ReactNode;
  children: (looked: Looked) => ReactNode;
}) {
  const { id = '' } = useParams();
  const query = useInvestigation(id);
  const live = useLive();
  return (
    <div className="page">
      <Loaded query={query} what={say('common.theInvestigation')}>
        {(records) => (
          <Framed records={records} live={live} next={next} wholeClass={wholeClass} withTape={withTape}>
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
  wholeClass,
  withTape,
  children,
}: {
  wholeClass: boolean;
  withTape: boolean;
  records: InvestigationRecords;
  live: boolean;
  next: (looked: Looked) => ReactNode;
  children: (looked: Looked) => ReactNode;
}) {
  const { investigation } = records;
  const [search, setSearch] = useSearchParams();
  const [pegs, hang] = useState<readonly TapePeg[]>(NO_PEGS);
  const today = todayIn(investigation.class.timeZone);
  const tape = useMemo(() => dayTapeOf(records, today), [records, today]);
  // The page follows the hand at once; the address follows when the hand rests.
  const [wanted, setWanted] = useState(search.get('day'));
  const address = useRef(setSearch);
  useEffect(() => {
    address.current = setSearch;
  });
  const written = useRef<string | null>(null);
  const told = search.get('day');
  useEffect(() => {
    if (wanted === null || wanted === told) return;
    const timer = setTimeout(() => {
      written.current = wanted;
      address.current((before) => withDay(before, wanted), { replace: true });
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [wanted, told]);
  // Back and forward bring the day of their address with them.
  useEffect(() => {
    if (told !== null && told !== written.current) setWanted(told);
    written.current = told;
  }, [told]);
  const known = recordedOn(tape);
  const newest = newestDay(tape, wholeClass);
  const lookedAt = (wish: IsoDay | null): Looked => {
    const day = wish !== null && known.includes(wish) ? wish : newest;
    return { records, day, before: day === null ? null : (known[known.indexOf(day) - 1] ?? null), look: setWanted, hang };
  };
  const looked = lookedAt(wanted);
  const room = useRoom(investigation.class.id);
  const warmth = useMemo(
    () => roomDays(room.data?.readings ?? [], 'temperature', investigation.class.timeZone),
    [room.data, investigation.class.timeZone],
  );
  // Head and stations follow when the hand rests, so that the plants can follow at once.
  const rested = lookedAt(search.get('day') ?? wanted);
  const head = useMemo(
    () => (
      <PageHead
        tag={
          <Link to={`/classes/${investigation.class.id}`} className="group-tag">
            {investigation.class.name}
          </Link>
        }
        title={investigation.question}
        aside={<LiveSign live={live} phase={investigation.phase} />}
        next={next(rested)}
      />
    ),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `rested` is new each time; its day says when it differs
    [records, live, next, rested.day],
  );
  const stations = useMemo(
    () => <InvestigationStations records={records} tape={tape} day={rested.day} today={today} />,
    [records, tape, rested.day, today],
  );
  return (
    <>
      {head}
      {withTape && (
        <DayTape tape={tape} sownOn={investigation.sownOn} chosen={looked.day} onChoose={setWanted} warmth={warmth} pegs={pegs} />
      )}
      {stations}
      <main>{children(looked)}</main>
    </>
  );
}

/** The day beside whatever else the address says. */
function withDay(before: URLSearchParams, day: IsoDay): URLSearchParams {
  const next = new URLSearchParams(before);
  next.set('day', day);
  return next;
}

/** The newest day on record; where the whole class is asked about, the newest on which at least half of it was looked at. */
function newestDay(tape: TapeOfDays, wholeClass: boolean): IsoDay | null {
  const known = recordedOn(tape);
  const half = wholeClass ? tape.days.filter((d) => (d.share ?? 0) >= WHOLE_CLASS && known.includes(d.day)) : [];
  return half[half.length - 1]?.day ?? known[known.length - 1] ?? null;
}

function LiveSign({ live, phase }: { live: boolean; phase: string }) {
  if (phase === 'finished') return <span>{say('common.allSaved')}</span>;
  return (
    <span role="status">
      <svg width="14" height="12" viewBox="0 0 14 12" aria-hidden="true">
        <path d={live ? 'M1 6l4 4.500L13 1' : 'M2 6h10'} fill="none" stroke={live ? '#0A6C6E' : '#B93A12'} strokeWidth="2.500" />
      </svg>{' '}
      {live ? say('page.liveChecksAppearThemselves') : say('page.connecting')}
    </span>
  );
}
