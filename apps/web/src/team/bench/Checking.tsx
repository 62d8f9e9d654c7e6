import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { benchFor, type BenchProtocol } from '@bright-sprout/core/bench/benchProtocol';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type BenchView as Bench } from '@bright-sprout/contracts/answers/checks';
import { type ContainerView, type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useWaiting } from '../../api/outbox';
import { Empty } from '../../page/Notices';
import { AllDone } from './AllDone';
import { BenchCard } from './BenchCard';
import { BenchHead } from './BenchHead';
import { ContainerTabs, PlantTabs } from './BenchTabs';
import { type BenchInvestigation } from '../../records/benchRecords';
import { CareToday } from './CareToday';
import { type ChosenDay, DayChoice } from './DayChoice';
import { Guide } from './Guide';
import { Unsent } from '../../entry/Unsent';
import { useRightClock } from './useRightClock';
import { useOwnPot } from './useOwnPot';
import { useStops } from './useStops';
import { ContainerChoice } from '../../entry/ContainerChoice';

/** The team's plants one after the other, in tray order. */
export function Checking({ bench, own, onLeave }: { bench: Bench; own: BenchInvestigation; onLeave: () => void }) {
  const ownPot = useOwnPot(own.investigation, bench.team.id, useSearchParams()[0].get('pot'));
  const investigation = useMemo(() => withOwnPot(own.investigation, ownPot.code), [own.investigation, ownPot.code]);
  const waiting = useWaiting();
  const clock = useRightClock(investigation.class.timeZone);
  const shown = todayIn(investigation.class.timeZone);
  // Without a network the school's last known day is nearer to the truth than a clock that shows an earlier one.
  const behind = !clock.asked && shown < bench.today;
  const today = behind ? bench.today : shown;
  const [chosen, setChosen] = useState<ChosenDay | null>(null);
  const [choosingDay, setChoosingDay] = useState(false);
  const day = chosen?.day ?? today;
  const guide = useGuideSeen(investigation.bench);
  const { stops, states, stop, next, done, open, readings, photos } = useStops(own, investigation, waiting, day);
  const dayNumber = daysBetween(investigation.sownOn, day);
  return (
    <main className={`bench bench-${investigation.class.gradeBand}`}>
      <BenchHead team={bench.team} investigation={investigation} day={day}>
        {!ownPot.asks && (
          <ContainerTabs
            containers={investigation.containers}
            day={day}
            openId={stop?.container.id}
            done={(code) => stops.filter((s) => s.container.code === code).every(done)}
            onOpen={open}
          />
        )}
      </BenchHead>
      <ClockNotes wrong={clock.wrong} behind={behind ? shown : null} today={today} />
      <Unsent waiting={waiting.filter((c) => c.teamId === bench.team.id)} />
      {investigation.checkingClosedAt !== null && (
        <p className="unsent-waiting" role="status">
          {say('bench.teacherClosedCheckingNow')}
        </p>
      )}
      <DayChoice
        investigation={investigation}
        today={today}
        sure={clock.asked}
        chosen={chosen}
        onChoose={setChosen}
        open={choosingDay}
        onClose={() => setChoosingDay(false)}
      />
      {ownPot.code !== null && (
        <p className="bench-own">
          <Say
            it="bench.potHomeNumber"
            code={ownPot.code}
            b={(inside) => <b>{inside}</b>}
            childNumber={investigation.containers[0]?.childNumber}
            hasNumber={Boolean(investigation.containers[0]?.childNumber)}
          />{' '}
          <button type="button" className="btn btn-plain" onClick={() => ownPot.choose(null)}>
            {say('bench.showTeamsPots')}
          </button>
        </p>
      )}
      {ownPot.asks ? (
        <WhosePot containers={own.investigation.containers} onChoose={ownPot.choose} />
      ) : guide.open && stop ? (
        <Guide bench={investigation.bench} resolution={investigation.resolution} onClose={guide.close} />
      ) : dayNumber < 0 ? (
        <BeforeSowing sownOn={investigation.sownOn} day={day} sure={clock.asked} onOtherDay={() => setChoosingDay(true)} />
      ) : stop ? (
        <>
          {benchFor(investigation.bench, stop.container.treatment).plants > 1 && (
            <PlantTabs stops={stops} stop={stop} done={done} onOpen={open} />
          )}
          <BenchCard
            key={`${stop.name} ${day}`}
            teamId={bench.team.id}
            investigation={investigation}
            container={stop.container}
            plant={stop.plant}
            day={day}
            otherDay={chosen ? { dayCode: chosen.reason } : behind ? { dayCode: 'wrong-clock' } : {}}
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

/** What is wrong with the device's clock. */
function ClockNotes({
  wrong,
  behind,
  today,
}: {
  wrong: IsoDay | null;
  /** The day it shows, where that is before one that was checked already. */
  behind: IsoDay | null;
  today: IsoDay;
}) {
  return (
    <>
      {wrong && (
        <p className="unsent-waiting" role="alert">
          {say('bench.devicesClockSaysSchool', { wrong: formatDay(wrong), today: formatDay(today) })}
        </p>
      )}
      {behind && (
        <p className="unsent-waiting" role="alert">
          {say('bench.devicesClockSaysLooked', { shown: formatDay(behind), today: formatDay(today) })}
        </p>
      )}
    </>
  );
}

function BeforeSowing({ sownOn, day, sure, onOtherDay }: { sownOn: IsoDay; day: IsoDay; sure: boolean; onOtherDay: () => void }) {
  return (
    <Empty title={say('bench.sowingDay', { sownOn: formatDay(sownOn) })}>
      {sure ? (
        <p>{say('bench.comeBackWhenSeeds')}</p>
      ) : (
        <>
          <p>{say('bench.saysClockDeviceWithout', { day: formatDay(day) })}</p>
          <button type="button" className="btn" onClick={onOtherDay}>
            {say('bench.itIsAnotherDay')}
          </button>
        </>
      )}
    </Empty>
  );
}

/** A device that keeps to one pot shows nothing of the others. */
function withOwnPot(investigation: InvestigationView, code: string | null): InvestigationView {
  return code === null
    ? investigation
    : { ...investigation, containers: investigation.containers.filter((c) => c.code === code) };
}

/** Asked once where everybody has a pot of their own at home: the device keeps to it. */
function WhosePot({
  containers,
  onChoose,
}: {
  containers: readonly ContainerView[];
  /** Null for all of them. */
  onChoose: (code: string | null) => void;
}) {
  return (
    <section className="bench-whose" aria-label={say('bench.potYours')}>
      <h2>{say('bench.potYours')}</h2>
      <p>{say('bench.codeNumberLabelDevice')}</p>
      <ContainerChoice
        label={say('bench.potsTeam')}
        containers={containers}
        onToggle={(id) => onChoose(containers.find((c) => c.id === id)!.code)}
      />
      <button type="button" className="btn" onClick={() => onChoose(null)}>
        {say('bench.lookAfterThem')}
      </button>
    </section>
  );
}

/** Whether this device has shown how this protocol is measured; a device is shared, so once is enough for all teams. */
function useGuideSeen({ measures, heightRule, sprouted }: BenchProtocol) {
  const key = `sprout guide ${[...measures].sort().join(' ')} ${heightRule} ${sprouted}`;
  const [open, setOpen] = useState(() => localStorage.getItem(key) === null);
  return {
    open,
    show: () => setOpen(true),
    close: () => {
      localStorage.setItem(key, 'seen');
      setOpen(false);
    },
  };
}
