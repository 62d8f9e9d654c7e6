import { say } from '@bright-sprout/words/say';
import { type BenchTogether } from '@bright-sprout/contracts/answers/together';
import { useState } from 'react';
import { Link, Navigate } from 'react-router';
import { v7 } from 'uuid';
import { isProblem } from '../../api/client';
import { theOutbox, useWaiting } from '../../api/outbox';
import { useAskedTogether, useBench } from '../../api/queries';
import { EmblemMark } from '../../marks/EmblemMark';
import { Empty, Loaded } from '../../page/Notices';
import { emptyEntry, type Entry, typedMm } from './entry';
import { HeightPad } from './HeightPad';
import { RulerDrawing } from './RulerDrawing';
import { Unsent } from '../../entry/Unsent';
import './bench.scss';

/** The one plant that the whole class reads at the moment; what the others read is seen when everybody has sent. */
export function TogetherReadingView() {
  const bench = useBench();
  const asked = useAskedTogether();
  const waiting = useWaiting();
  if (isProblem(bench.error, 401)) return <Navigate to="/join" replace />;
  return (
    <Loaded query={bench} what={say('bench.yourTeam')}>
      {({ team }) => (
        <div className="bench-page">
          <main className="bench">
            <header className="bench-head">
              <span className="bench-team">
                <EmblemMark emblem={team.emblem} size={34} />
                <h1>{team.nickname}</h1>
              </span>
              <Link className="btn btn-plain ms-auto" to="/bench">
                {say('common.ourContainers')}
              </Link>
            </header>
            <Unsent waiting={waiting.filter((w) => w.teamId === team.id && w.kind === 'together')} />
            <Loaded query={asked} what={say('bench.thePlant')}>
              {([now]) =>
                now ? (
                  <Reading key={now.id} asked={now} teamId={team.id} />
                ) : (
                  <Empty title={say('bench.plantReadTogetherMoment')}>
                    <Link className="btn btn-next" to="/bench">
                      {say('common.toOurContainers')}
                    </Link>
                  </Empty>
                )
              }
            </Loaded>
          </main>
        </div>
      )}
    </Loaded>
  );
}

function Reading({ asked, teamId }: { asked: BenchTogether; teamId: string }) {
  const { resolution, treatment } = asked;
  const [entry, setEntry] = useState<Entry>(() => emptyEntry(resolution));
  const [sent, setSent] = useState<string | null>(asked.typed);
  const mm = typedMm(entry);
  const send = () => {
    const typed = `${entry.digits} ${entry.unit}`;
    void theOutbox().add(v7(), teamId, { kind: 'together', body: { of: asked.id, typed } });
    setSent(typed);
  };
  return (
    <>
      <div className="bench-scroll">
        <section className="bench-sight" aria-label={`${asked.code}, ${treatment.label}`}>
          <RulerDrawing
            plant={{ code: asked.code, treatment: treatment.code, label: treatment.label, habit: asked.habit }}
            resolution={resolution}
            mm={mm}
            last={null}
            state={entry.state}
            leaves={null}
          />
          <div className="bench-value" aria-live="polite">
            <p className={`bench-number${mm === null ? ' none' : ''}`}>
              {entry.digits === '' ? (
                <span className="words">{say('bench.tallEverybodyReads', { code: asked.code })}</span>
              ) : (
                <>
                  {entry.digits}
                  <small>{entry.unit}</small>
                </>
              )}
            </p>
          </div>
        </section>
        {sent === null ? (
          <HeightPad entry={entry} resolution={resolution} onChange={setEntry} />
        ) : (
          <div className="bench-saved">
            <p role="status">{say('bench.readLookBigScreen', { sent })}</p>
            <button type="button" className="btn" onClick={() => (setSent(null), setEntry(emptyEntry(resolution)))}>
              {say('bench.lookAgain')}
            </button>
          </div>
        )}
      </div>
      {sent === null && (
        <footer className="bench-foot alone">
          <button type="button" className="btn btn-next large" disabled={mm === null} onClick={send}>
            {say('bench.sendRead')}
          </button>
        </footer>
      )}
    </>
  );
}
