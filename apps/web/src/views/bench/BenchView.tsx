import { type BenchView as Bench } from '@bright-sprout/contracts/checks';
import { dayInZone, daysBetween, formatDay } from '@bright-sprout/core/calendar/days';
import { currentReadings } from '@bright-sprout/core/measure/reading';
import { standingsOn } from '@bright-sprout/core/measure/standing';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { Link, Navigate, useSearchParams } from 'react-router';
import { isProblem, request } from '../../api/client';
import { theOutbox, useWaitingChecks } from '../../api/outbox';
import { useAskedPredictions, useBench } from '../../api/queries';
import { EmblemMark } from '../../components/EmblemMark';
import { Empty, ProblemNotice, Waiting } from '../../components/Notices';
import { MarkShape } from '../../components/TreatmentMark';
import { BenchCard } from './BenchCard';
import { type BenchInvestigation, withWaiting } from './benchRecords';
import './bench.scss';

/** Days for which a team is still offered the run sheet. */
const SOWING_IS_FRESH = 7;

export function BenchView() {
  const bench = useBench();
  const client = useQueryClient();
  useEffect(() => theOutbox().onConfirmed(() => void client.invalidateQueries({ queryKey: ['bench'] })), [client]);
  if (isProblem(bench.error, 401)) return <Navigate to="/join" replace />;
  if (bench.error && !bench.data) return <div className="page"><ProblemNotice error={bench.error} retry={() => void bench.refetch()} /></div>; // prettier-ignore
  if (!bench.data) return <div className="page"><Waiting>Fetching your plants …</Waiting></div>; // prettier-ignore
  return <TeamBench bench={bench.data} />;
}

function TeamBench({ bench }: { bench: Bench }) {
  const [search, setSearch] = useSearchParams();
  const { investigations, team } = bench;
  const wanted = search.get('investigation');
  const chosen = investigations.find((i) => i.investigation.id === wanted) ?? investigations[0];
  const leave = async () => {
    await request('DELETE', '/join');
    location.assign('/join');
  };
  const asked = useAskedPredictions().data ?? [];
  const toPredict = asked.map((a) => (
    <Link key={a.planId} className="bench-predict" to={`/bench/predict/${a.planId}`}>
      <b>{a.answer ? 'You have predicted' : 'What do you expect?'}</b> {a.question}
    </Link>
  ));
  if (!chosen)
    return (
      <main className="page">
        {toPredict}
        <Empty title={`${team.nickname}, your pots are not sown yet`}>
          <p>When your teacher has set up an investigation, your containers are here.</p>
          <button type="button" className="btn" onClick={() => void leave()}>
            Hand the device to another team
          </button>
        </Empty>
      </main>
    );
  return (
    <>
      {toPredict}
      {investigations.length > 1 && (
        <label className="bench-choice">
          Investigation{' '}
          <select value={chosen.investigation.id} onChange={(e) => setSearch({ investigation: e.target.value })}>
            {investigations.map(({ investigation }) => (
              <option key={investigation.id} value={investigation.id}>
                {investigation.question}
              </option>
            ))}
          </select>
        </label>
      )}
      <Checking key={chosen.investigation.id} bench={bench} own={chosen} onLeave={() => void leave()} />
    </>
  );
}

/** The team's containers one after the other, in tray order. */
function Checking({ bench, own, onLeave }: { bench: Bench; own: BenchInvestigation; onLeave: () => void }) {
  const { investigation } = own;
  const [search, setSearch] = useSearchParams();
  const waiting = useWaitingChecks();
  const day = dayInZone(new Date(), investigation.class.timeZone);
  const ids = useMemo(() => investigation.containers.map((c) => c.id), [investigation]);
  const readings = useMemo(() => withWaiting(own.readings, waiting, new Set(ids)), [own.readings, waiting, ids]);
  const standings = standingsOn(ids, readings, day);
  const done = (id: string) => standings.get(id)!.reading !== null || standings.get(id)!.state === 'lost';
  const firstOpen = investigation.containers.find((c) => !done(c.id));
  const code = search.get('pot');
  const container = investigation.containers.find((c) => c.code === code) ?? (code === 'done' ? undefined : firstOpen);
  const open = (pot: string) => setSearch((s) => ({ ...Object.fromEntries(s), pot }), { replace: true });
  const [start] = useState(container?.code);
  useEffect(() => {
    if (code === null && start) open(start);
    // Opening once: after that only a tap changes the pot, so that nothing jumps under a finger.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const lastIn = (id: string) => currentReadings(readings).filter((r) => r.containerId === id && r.day < day && r.state !== 'not-checked').pop() ?? null; // prettier-ignore
  const dayNumber = daysBetween(investigation.sownOn, day);
  const unsent = waiting.filter((c) => c.teamId === bench.team.id);
  return (
    <main className="bench">
      <header className="bench-head">
        <span className="bench-team">
          <EmblemMark emblem={bench.team.emblem} size={34} />
          <h1>{bench.team.nickname}</h1>
        </span>
        <span className="bench-when">
          {investigation.speciesName} check, day {dayNumber} · {formatDay(day)}
          {dayNumber <= SOWING_IS_FRESH && investigation.runSheet.length > 0 && (
            <>
              {' · '}
              <Link to={`/bench/sow/${investigation.id}`}>Sowing day</Link>
            </>
          )}
        </span>
        <nav className="bench-tabs" aria-label="Your containers">
          {investigation.containers.map((c) => (
            <button
              key={c.id}
              type="button"
              className={`bench-tab${c.id === container?.id ? ' open' : ''}${done(c.id) ? ' done' : ''}`}
              aria-current={c.id === container?.id ? 'true' : undefined}
              aria-label={`${c.code}${done(c.id) ? ', done' : ''}`}
              onClick={() => open(c.code)}
            >
              <b>{c.code}</b>
              <TabMark treatment={c.treatment} done={done(c.id)} open={c.id === container?.id} />
            </button>
          ))}
        </nav>
      </header>
      <Unsent waiting={unsent} />
      {dayNumber < 0 ? (
        <Empty title={`Sowing day is ${formatDay(investigation.sownOn)}`}>
          <p>Come back when the seeds are in the soil.</p>
        </Empty>
      ) : container ? (
        <BenchCard
          key={container.id}
          teamId={bench.team.id}
          investigation={investigation}
          container={container}
          day={day}
          saved={standings.get(container.id)!.reading as BenchInvestigation['readings'][number] | null}
          lost={standings.get(container.id)!.state === 'lost' ? standings.get(container.id)! : null}
          readings={readings}
          last={lastIn(container.id)}
          next={
            investigation.containers.find((c) => c.id !== container.id && !done(c.id) && c.position > container.position) ??
            investigation.containers.find((c) => c.id !== container.id && !done(c.id)) ??
            null
          }
          onNext={(pot) => open(pot ?? 'done')}
        />
      ) : (
        <AllDone investigation={investigation} onLeave={onLeave} />
      )}
    </main>
  );
}

function TabMark({ treatment, done, open }: { treatment: string; done: boolean; open: boolean }) {
  if (done)
    return (
      <svg width="18" height="16" viewBox="0 0 18 16" aria-hidden="true">
        <path d="M2 8l5 5L16 2" fill="none" stroke="currentColor" strokeWidth="3" />
      </svg>
    );
  return (
    <svg width="18" height="18" viewBox="-10 -10 20 20" aria-hidden="true">
      <MarkShape code={treatment} size={17} onDark={open} />
    </svg>
  );
}

/** What waits on this device, and what the server would not take. */
function Unsent({ waiting }: { waiting: ReturnType<typeof useWaitingChecks> }) {
  const refused = waiting.filter((c) => c.refused !== null);
  const count = waiting.filter((c) => c.refused === null && !c.confirmed).length;
  return (
    <>
      {count > 0 && (
        <p className="bench-waiting" role="status">
          {count} {count === 1 ? 'check waits' : 'checks wait'} on this device and will be sent by itself.
        </p>
      )}
      {refused.map((c) => (
        <div key={c.id} className="notice" role="alert">
          <p className="notice-title">One check was not taken</p>
          <p>
            {c.refused} What you entered: {c.body.readings.map((r) => r.typed ?? r.state).join(', ')}.
          </p>
          <button type="button" className="btn mt-2" onClick={() => void theOutbox().drop(c.id)}>
            We have read it
          </button>
        </div>
      ))}
    </>
  );
}

function AllDone({ investigation, onLeave }: { investigation: BenchInvestigation['investigation']; onLeave: () => void }) {
  return (
    <div className="bench-done">
      <h2>All your {investigation.containerName}s are checked.</h2>
      <p>Put them back where they stood. To change a value, tap its label above.</p>
      <div className="d-flex flex-wrap gap-2">
        {investigation.sharedWithTeams && (
          <Link className="btn btn-next large" to={`/bench/wall/${investigation.id}`}>
            See the whole class
          </Link>
        )}
        <button type="button" className="btn" onClick={onLeave}>
          Hand the device to another team
        </button>
      </div>
    </div>
  );
}
