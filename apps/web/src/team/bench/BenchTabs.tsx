import { say } from '@bright-sprout/words/say';
import { type ContainerView } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { MarkShape } from '../../marks/TreatmentMark';
import { type Stop } from './stops';

/** More tabs than fit beside the team's name have a row of their own. */
const MANY_TABS = 6;

/** The team's containers, with what is done and which one lies open. */
export function ContainerTabs({
  containers,
  day,
  openId,
  done,
  onOpen,
}: {
  containers: readonly ContainerView[];
  day: IsoDay;
  openId: string | undefined;
  done: (code: string) => boolean;
  onOpen: (code: string) => void;
}) {
  return (
    <nav className={`bench-tabs${containers.length > MANY_TABS ? ' many' : ''}`} aria-label={say('bench.yourContainers')}>
      {containers.map((c) => {
        const [isDone, isOpen] = [done(c.code) && c.sownOn <= day, c.id === openId];
        return (
          <button
            key={c.id}
            type="button"
            className={`bench-tab${isOpen ? ' open' : ''}${isDone ? ' done' : ''}`}
            aria-current={isOpen ? 'true' : undefined}
            aria-label={isDone ? say('bench.codeIsDone', { code: c.code }) : c.code}
            disabled={c.sownOn > day}
            onClick={() => onOpen(c.code)}
          >
            <b>{c.code}</b>
            <TabMark treatment={c.treatment} done={isDone} open={isOpen} />
          </button>
        );
      })}
    </nav>
  );
}

/** Several tagged plants of one container. */
export function PlantTabs({
  stops,
  stop,
  done,
  onOpen,
}: {
  stops: Stop[];
  stop: Stop;
  done: (s: Stop) => boolean;
  onOpen: (name: string) => void;
}) {
  return (
    <div className="bench-plants" role="group" aria-label={say('bench.taggedPlants', { code: stop.container.code })}>
      {stops
        .filter((s) => s.container === stop.container)
        .map((s) => (
          <button
            key={s.plant}
            type="button"
            className={`${s === stop ? 'on' : ''}${done(s) ? ' done' : ''}`}
            aria-current={s === stop ? 'true' : undefined}
            onClick={() => onOpen(s.name)}
          >
            {say('bench.plant', { plant: s.plant })}
            {done(s) && <span className="visually-hidden">, {say('bench.isDone')}</span>}
          </button>
        ))}
    </div>
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
