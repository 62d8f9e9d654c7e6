import { todayIn } from '@bright-sprout/core/clock/clock';
import { type BenchView as Bench } from '@bright-sprout/contracts/checks';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay } from '@bright-sprout/core/calendar/days';
import { useEffect, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useWaiting } from '../../api/outbox';
import { ContainerChoice } from '../../entry/ContainerChoice';
import { photosSince } from '../../entry/enteredSince';
import { EmblemMark } from '../../marks/EmblemMark';
import { Empty } from '../../page/Notices';
import { AllDone } from './AllDone';
import { BenchCard } from './BenchCard';
import { ContainerTabs, PlantTabs } from './BenchTabs';
import { type BenchInvestigation, withWaiting } from './benchRecords';
import { CareToday } from './CareToday';
import { type ChosenDay, DayChoice } from './DayChoice';
import { Guide } from './Guide';
import { stateOf, type Stop, stopsOf } from './stops';
import { Unsent } from './Unsent';
import { useGuideSeen } from './useGuideSeen';
import { useOwnPot } from './useOwnPot';

/** Days for which a team is still offered the run sheet. */
const SOWING_IS_FRESH = 7;

/** The team's plants one after the other, in tray order. */
export function Checking({ bench, own, onLeave }: { bench: Bench; own: BenchInvestigation; onLeave: () => void }) {
  const [search, setSearch] = useSearchParams();
  const ownPot = useOwnPot(own.investigation, bench.team.id, search.get('pot'));
  const investigation = useMemo(() => withOwnPot(own.investigation, ownPot.code), [own.investigation, ownPot.code]);
  const waiting = useWaiting();
  const today = todayIn(investigation.class.timeZone);
  const [chosen, setChosen] = useState<ChosenDay | null>(null);
  const [choosingDay, setChoosingDay] = useState(false);
  const day = chosen?.day ?? today;
  const guide = useGuideSeen(investigation.bench);
  const ids = useMemo(() => new Set(investigation.containers.map((c) => c.id)), [investigation]);
  const readings = useMemo(() => withWaiting(own.readings, waiting, investigation), [own.readings, waiting, investigation]);
  const photos = photosSince(own.photos, waiting, ids);
  const { plants } = investigation.bench;
  const stops = stopsOf(investigation, day);
  const states = new Map(stops.map((s) => [s.name, stateOf(s, readings, plants, day)]));
  const done = (stop: Stop) => states.get(stop.name)!.done;
  const potDone = (code: string) => stops.filter((s) => s.container.code === code).every(done);
  const [pot, plant] = (search.get('pot') ?? '').split(' · ');
  const named = stops.filter((s) => s.container.code === pot);
  const firstOpen = stops.find((s) => !done(s));
  const stop =
    named.find((s) => s.plant === plant) ?? named.find((s) => !done(s)) ?? named[0] ?? (pot === 'done' ? undefined : firstOpen);
  const open = (name: string) => setSearch((s) => ({ ...Object.fromEntries(s), pot: name }), { replace: true });
  const [start] = useState(stop?.name);
  useEffect(() => {
    if (pot === '' && start) open(start);
    // Opening once: after that only a tap changes the pot, so that nothing jumps under a finger.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const next =
    stop && (stops.slice(stops.indexOf(stop) + 1).find((s) => !done(s)) ?? stops.find((s) => s !== stop && !done(s)) ?? null);
  const dayNumber = daysBetween(investigation.sownOn, day);
  return (
    <main className={`bench bench-${investigation.class.gradeBand}`}>
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
        {!ownPot.asks && (
          <ContainerTabs
            containers={investigation.containers}
            day={day}
            openId={stop?.container.id}
            done={potDone}
            onOpen={open}
          />
        )}
      </header>
      <Unsent waiting={waiting.filter((c) => c.teamId === bench.team.id)} />
      {investigation.checkingClosedAt !== null && (
        <p className="bench-waiting" role="status">
          Your teacher has closed checking for now. You can look, but nothing is taken.
        </p>
      )}
      <DayChoice
        investigation={investigation}
        today={today}
        chosen={chosen}
        onChoose={setChosen}
        open={choosingDay}
        onClose={() => setChoosingDay(false)}
      />
      {ownPot.code !== null && (
        <p className="bench-own">
          Your pot at home: <b>{ownPot.code}</b>{' '}
          <button type="button" className="btn btn-plain" onClick={() => ownPot.choose(null)}>
            Show our team’s pots
          </button>
        </p>
      )}
      {ownPot.asks ? (
        <section className="bench-whose" aria-label="Which pot is yours?">
          <h2>Which pot is yours?</h2>
          <p>Its code is on the stick. This device keeps to it.</p>
          <ContainerChoice
            label="Pots of the team"
            containers={investigation.containers}
            onToggle={(id) => ownPot.choose(own.investigation.containers.find((c) => c.id === id)!.code)}
          />
          <button type="button" className="btn" onClick={() => ownPot.choose(null)}>
            We look after all of them
          </button>
        </section>
      ) : guide.open && stop ? (
        <Guide bench={investigation.bench} resolution={investigation.resolution} onClose={guide.close} />
      ) : dayNumber < 0 ? (
        <Empty title={`Sowing day is ${formatDay(investigation.sownOn)}`}>
          <p>Come back when the seeds are in the soil.</p>
        </Empty>
      ) : stop ? (
        <>
          {plants > 1 && <PlantTabs stops={stops} stop={stop} done={done} onOpen={open} />}
          <BenchCard
            key={`${stop.name} ${day}`}
            teamId={bench.team.id}
            investigation={investigation}
            container={stop.container}
            plant={stop.plant}
            day={day}
            dayReason={chosen?.reason ?? ''}
            saved={states.get(stop.name)!.standing.reading as BenchInvestigation['readings'][number] | null}
            lost={states.get(stop.name)!.standing.state === 'lost' ? states.get(stop.name)!.standing : null}
            readings={readings}
            kinds={bench.species}
            photos={photos.filter((p) => p.containerId === stop.container.id && p.day === day)}
            last={states.get(stop.name)!.last}
            nextName={next?.name ?? null}
            onNext={() => open(next?.name ?? 'done')}
            onGuide={guide.show}
            onOtherDay={() => setChoosingDay(true)}
          />
        </>
      ) : (
        <>
          <CareToday investigation={investigation} teamId={bench.team.id} day={day} />
          <AllDone investigation={investigation} onLeave={onLeave} />
        </>
      )}
    </main>
  );
}

/** A device that keeps to one pot shows nothing of the others. */
function withOwnPot(investigation: InvestigationView, code: string | null): InvestigationView {
  return code === null
    ? investigation
    : { ...investigation, containers: investigation.containers.filter((c) => c.code === code) };
}
