import { type ContainerView, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/investigations';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { LOST_REASONS, LOST_WORDS, replacedBy } from '@bright-sprout/core/measure/reading';
import { type Standing } from '@bright-sprout/core/measure/standing';
import { formatLength, formatLengthNumber } from '@bright-sprout/core/quantities/length';
import { type ReactNode, useEffect, useState } from 'react';
import { v7 } from 'uuid';
import { theOutbox } from '../../api/outbox';
import { dropDraft, keepDraft, readDraft } from './drafts';
import { emptyEntry, type Entry, entryOf, isComplete, keyWords, padKeys, pressKey, typedMm } from './entry';
import { RulerDrawing } from './RulerDrawing';

interface Props {
  teamId: string;
  investigation: InvestigationView;
  container: ContainerView;
  day: IsoDay;
  /** Today's reading, when there is one. */
  saved: ReadingView | null;
  lost: Standing | null;
  readings: ReadingView[];
  /** The last look before today. */
  last: ReadingView | null;
  next: ContainerView | null;
  onNext: (code: string | null) => void;
}

/** One plant at a time: the ruler moves as the number is tapped, and the change since last time is computed. */
export function BenchCard({ teamId, investigation, container, day, saved, lost, readings, last, next, onNext }: Props) {
  const { resolution } = investigation;
  const [draft] = useState(() => readDraft(container.id, day));
  const [entry, setEntry] = useState<Entry>(draft ?? (saved ? entryOf(saved, resolution) : emptyEntry(resolution)));
  const [changing, setChanging] = useState(draft !== null || (saved === null && lost === null));
  const treatment = investigation.treatments.find((t) => t.code === container.treatment)!;
  const change = (to: Entry) => {
    setEntry(to);
    keepDraft(container.id, day, to);
  };
  /** A second tap takes the state back. */
  const toggle = (state: NonNullable<Entry['state']>) =>
    change({ ...emptyEntry(resolution), state: entry.state === state ? null : state, note: entry.note });
  const press = (key: string) => change(pressKey(entry, key, resolution));
  const save = () => {
    if (changing && isComplete(entry) && !(saved && same(entry, entryOf(saved, resolution)))) {
      const { state, digits, unit, leaves, lostReason, note } = entry;
      void theOutbox().add({
        id: v7(),
        teamId,
        body: {
          containerId: container.id,
          day,
          recordedAt: new Date().toISOString(),
          readings: [
            {
              id: v7(),
              plant: '1',
              state: state!,
              ...(state === 'measured' ? { typed: `${digits} ${unit}` } : {}),
              ...(state === 'measured' && leaves !== null ? { leaves } : {}),
              ...(state === 'lost' ? { lostReason: lostReason! } : {}),
              ...(note.trim() ? { note: note.trim() } : {}),
              ...(saved ? { supersedes: saved.id } : {}),
            },
          ],
        },
      });
    }
    dropDraft(container.id, day);
    onNext(next?.code ?? null);
  };
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (
        !changing ||
        e.ctrlKey ||
        e.metaKey ||
        e.altKey ||
        e.target instanceof HTMLInputElement ||
        e.target instanceof HTMLSelectElement
      )
        return;
      const key = /^[\d.]$/.test(e.key)
        ? e.key
        : e.key === ','
          ? '.'
          : e.key === 'Backspace'
            ? 'erase'
            : e.key === 'ArrowUp'
              ? 'step-up'
              : e.key === 'ArrowDown'
                ? 'step-down'
                : null;
      const shown = padKeys(resolution);
      if (key && shown.includes(key)) {
        e.preventDefault();
        change(pressKey(entry, key, resolution));
      }
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  });
  const mm = entry.state === 'measured' ? typedMm(entry) : null;
  const unit = resolution === 'quarter-in' ? 'in' : 'cm';
  const old = saved ? replacedBy(readings, saved.id) : [];
  return (
    <>
      <section className="bench-sight" aria-label={`${container.code}, ${treatment.label}`}>
        <RulerDrawing
          investigation={investigation}
          container={container}
          mm={mm}
          last={last}
          state={entry.state}
          label={treatment.label}
          leaves={entry.leaves}
        />
        <div className="bench-value" aria-live="polite">
          <p className={`bench-number${mm === null ? ' none' : ''}`}>
            <BigValue entry={entry} mm={mm} investigation={investigation} />
          </p>
          <p className="bench-change">{changeWords(mm, last, investigation)}</p>
          {old.map((r) => (
            <s key={r.id} className="bench-old">
              {r.valueMm === null ? r.state : formatLength(r.valueMm, resolution)}
            </s>
          ))}
        </div>
      </section>
      {!changing ? (
        <div className="bench-saved">
          <p role="status">
            {lost
              ? `${container.code} ${LOST_WORDS[lost.lostReason ?? 'other']}, seen on ${formatDay(lost.lostOn!)}.`
              : `${container.code} is done for today.`}
          </p>
          <button type="button" className="btn" onClick={() => setChanging(true)}>
            {lost && !saved ? 'It is alive after all' : 'Change it'}
          </button>
        </div>
      ) : (
        <>
          {entry.state === 'lost' ? (
            <div className="bench-why" role="group" aria-label="What happened?">
              <h2>What happened to it?</h2>
              {LOST_REASONS.map((reason) => (
                <button
                  key={reason}
                  type="button"
                  aria-pressed={entry.lostReason === reason}
                  className={entry.lostReason === reason ? 'on' : ''}
                  onClick={() => change({ ...entry, lostReason: reason })}
                >
                  It {LOST_WORDS[reason]}
                </button>
              ))}
            </div>
          ) : (
            <>
              <div className="bench-pad" role="group" aria-label={`Height in ${entry.unit}`}>
                {padKeys(resolution).map((key, i) =>
                  key === null ? (
                    <span key={i} className="blank" />
                  ) : (
                    <button
                      key={key}
                      type="button"
                      className={keyClass(key, entry.unit)}
                      aria-pressed={key === 'cm' || key === 'mm' ? entry.unit === key : undefined}
                      onClick={() => press(key)}
                    >
                      {keyWords(key, resolution)}
                    </button>
                  ),
                )}
              </div>
              <div className="bench-leaves" role="group" aria-label="Leaves">
                <button
                  type="button"
                  aria-label="One leaf less"
                  disabled={!entry.leaves}
                  onClick={() => change({ ...entry, leaves: Math.max(0, (entry.leaves ?? 0) - 1) })}
                >
                  −
                </button>
                <span role="status">
                  <b>{entry.leaves ?? '–'}</b> {entry.leaves === 1 ? 'leaf' : 'leaves'}
                </span>
                <button
                  type="button"
                  aria-label="One leaf more"
                  onClick={() => change({ ...entry, leaves: Math.min(99, (entry.leaves ?? 0) + 1) })}
                >
                  +
                </button>
              </div>
            </>
          )}
          <div className="bench-states" role="group" aria-label="No height because">
            <StateButton name="Not up yet" on={entry.state === 'not-up'} onPress={() => toggle('not-up')}>
              <path d="M2 18H38M10 18q3-9 10-9t10 9z" />
            </StateButton>
            <StateButton name="Lost" on={entry.state === 'lost'} onPress={() => toggle('lost')}>
              <path d="M4 18H38M7 17V6l19 3v8zM26 9q9 2 10 9" />
            </StateButton>
            <StateButton name="Could not check" on={entry.state === 'not-checked'} onPress={() => toggle('not-checked')}>
              <path d="M2 18H38M19 18V5q8 3 9 13" strokeDasharray="3 2.500" />
            </StateButton>
          </div>
        </>
      )}
      <footer className="bench-foot">
        <label className="bench-note">
          <span className="visually-hidden">Note</span>
          <input
            value={entry.note}
            maxLength={500}
            placeholder="Add a note"
            disabled={!changing}
            onChange={(e) => change({ ...entry, note: e.target.value })}
          />
        </label>
        <button type="button" className="btn btn-next large" onClick={save}>
          {next ? `Next: ${next.code}` : 'Finish'}
        </button>
      </footer>
      <span className="visually-hidden">Heights are in {unit}.</span>
    </>
  );
}

function keyClass(key: string, unit: string): string {
  if (/^(\d|\.|\.5|[¼½¾])$/.test(key)) return 'digit';
  return key === unit ? 'word on' : 'word';
}

function same(a: Entry, b: Entry): boolean {
  return (
    a.state === b.state &&
    typedMm(a) === typedMm(b) &&
    a.leaves === b.leaves &&
    a.lostReason === b.lostReason &&
    a.note === b.note
  );
}

function BigValue({ entry, mm, investigation }: { entry: Entry; mm: number | null; investigation: InvestigationView }) {
  if (entry.state === 'measured')
    return (
      <>
        {entry.digits}
        <small>{entry.unit}</small>
      </>
    );
  if (entry.state === 'not-up') return <span className="words">not up yet</span>;
  if (entry.state === 'lost') return <span className="words">lost</span>;
  if (entry.state === 'not-checked') return <span className="words">could not check</span>;
  return (
    <span className="words">
      {mm === null ? `How tall is it${investigation.habit === 'grass' ? ', to the longest tip' : ''}?` : ''}
    </span>
  );
}

function changeWords(mm: number | null, last: ReadingView | null, { resolution }: InvestigationView): string {
  if (!last) return '';
  const day = formatDay(last.day, 'short');
  if (last.valueMm === null)
    return last.state === 'not-up' ? `not up on ${day}` : `${LOST_WORDS[last.lostReason ?? 'other']} on ${day}`;
  if (mm === null) return `${formatLength(last.valueMm, resolution)} on ${day}`;
  const change = mm - last.valueMm;
  if (Math.abs(change) < 1e-6) return `the same as on ${day}`;
  return `${formatLengthNumber(Math.abs(change), resolution)} ${resolution === 'quarter-in' ? 'in' : 'cm'} ${change > 0 ? 'more' : 'less'} than on ${day}`;
}

function StateButton({ name, on, onPress, children }: { name: string; on: boolean; onPress: () => void; children: ReactNode }) {
  return (
    <button type="button" className={on ? 'on' : ''} aria-pressed={on} onClick={onPress}>
      <svg width="40" height="24" viewBox="0 0 40 22" fill="none" stroke="currentColor" strokeWidth="1.8" aria-hidden="true">
        {children}
      </svg>
      {name}
    </button>
  );
}
