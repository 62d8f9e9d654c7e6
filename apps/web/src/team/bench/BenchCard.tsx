import { timeNow } from '@bright-sprout/core/clock/clock';
import { type ContainerView, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/investigations';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { findingOf, heightOf, valueOf } from '@bright-sprout/core/measures/finding';
import { findingWords, valueNumber } from '@bright-sprout/core/measures/findingWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { mainMeasure, measureOf } from '@bright-sprout/core/measures/registry';
import { SEED_COUNTS } from '@bright-sprout/core/measures/builtIn/counts';
import { readingWords } from '@bright-sprout/core/readings/readingWords';
import { doubtAboutFinding, type FindingDoubt } from '@bright-sprout/core/readings/findingDoubt';
import { LOST_REASONS, LOST_WORDS, replacedBy } from '@bright-sprout/core/readings/reading';
import { type Standing } from '@bright-sprout/core/readings/standing';
import { formatLength, formatLengthNumber } from '@bright-sprout/core/quantities/length';
import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { type ReactNode, useRef, useState } from 'react';
import { v7 } from 'uuid';
import { theOutbox } from '../../api/outbox';
import { shrinkPicture } from '../../api/shrinkPicture';
import { type ShownPhoto } from '../../entry/enteredSince';
import { habitOf } from '../../records/habitOf';
import { Photos } from '../../entry/Photos';
import { BenchFoot } from './BenchFoot';
import { DoubtQuestion, OtherDoubt } from './DoubtQuestion';
import { dropDraft, keepDraft, readDraft } from './drafts';
import { emptyEntry, type Entry, entryOf, foundIn, isComplete, pressKey, readingOf, typedMm } from './entry';
import { HeightPad } from './HeightPad';
import { MoreFields } from './MoreFields';
import { ReadAloud } from './ReadAloud';
import { RulerDrawing } from './RulerDrawing';
import { SeedsDrawing } from './SeedsDrawing';
import { useDoubt } from './useDoubt';

interface Props {
  teamId: string;
  investigation: InvestigationView;
  container: ContainerView;
  /** Tag of the plant in its container. */
  plant: string;
  day: IsoDay;
  /** Why another day than today's was chosen; empty for today. */
  dayReason: string;
  /** Today's reading, when there is one. */
  saved: ReadingView | null;
  lost: Standing | null;
  readings: ReadingView[];
  /** Facts of the kinds that are grown. */
  kinds: readonly Species[];
  /** Pictures of the container on this day. */
  photos: ShownPhoto[];
  /** The last look before today. */
  last: ReadingView | null;
  /** What the way on leads to; null where this is the last. */
  nextName: string | null;
  onNext: () => void;
  onGuide: () => void;
  onOtherDay: () => void;
}

/** A plant of this height may be taller than the ruler. */
const LONG_MM = 150;

/** One plant at a time: the ruler moves as the number is tapped, and the change since last time is computed. */
export function BenchCard(props: Props) {
  const {
    teamId,
    investigation,
    container,
    plant,
    day,
    dayReason,
    saved,
    lost,
    readings,
    kinds,
    photos,
    last,
    nextName,
    onNext,
    onGuide,
    onOtherDay,
  } = props;
  const { resolution, bench } = investigation;
  const draftKey = `${container.id} ${plant}`;
  const [draft] = useState(() => readDraft(draftKey, day, resolution));
  const [entry, setEntry] = useState<Entry>(draft ?? (saved ? entryOf(saved, resolution) : emptyEntry(resolution)));
  const scroll = useRef<HTMLDivElement>(null);
  const [changing, setChanging] = useState(draft !== null || (saved === null && lost === null));
  const treatment = investigation.treatments.find((t) => t.code === container.treatment)!;
  const asksHeight = bench.measures.includes('height');
  const main = mainMeasure(bench);
  const countsOnly = SEED_COUNTS.some((code) => code === main.code);
  const mm = entry.state === 'measured' ? typedMm(entry) : null;
  const { doubt, shown } = useDoubt({ investigation, container, plant, day, mm, readings, kinds });
  const other = doubtAboutOthers(entry, last, container, investigation);
  const asked = doubt ? { kind: doubt.kind } : other ? { kind: other.kind, measure: other.measure } : null;
  const change = (to: Entry) => {
    // A new value raises a new question.
    const fresh = to.digits !== entry.digits || to.found !== entry.found;
    const next = fresh && to.answer === entry.answer ? { ...to, answer: null, secondDigits: '' } : to;
    setEntry(next);
    keepDraft(draftKey, day, next);
  };
  /** A second tap takes the state back. */
  const toggle = (state: NonNullable<Entry['state']>) =>
    change({ ...emptyEntry(resolution), state: entry.state === state ? null : state, note: entry.note });
  const takePicture = async (file: File) => {
    const about = { containerId: container.id, day, recordedAt: timeNow().toISOString() };
    await theOutbox().add(v7(), teamId, { kind: 'photo', body: { about, picture: await shrinkPicture(file) } });
    scroll.current?.scrollTo({ top: 0 });
  };
  const save = () => {
    if (changing && isComplete(entry) && !(saved && same(entry, entryOf(saved, resolution))))
      void theOutbox().add(v7(), teamId, {
        kind: 'check',
        body: {
          containerId: container.id,
          day,
          ...(dayReason ? { dayReason } : {}),
          recordedAt: timeNow().toISOString(),
          readings: [{ id: v7(), ...readingOf(entry, plant, asked, saved?.id ?? null) }],
        },
      });
    dropDraft(draftKey, day);
    onNext();
  };
  const young = investigation.class.gradeBand === 'early' || investigation.class.gradeBand === 'primary';
  const question = main.question(investigation.class.gradeBand, {
    habit: habitOf(investigation, container),
    sprouted: bench.sprouted,
  });
  const old = saved ? replacedBy(readings, saved.id) : [];
  return (
    <>
      <div className="bench-scroll" ref={scroll}>
        <section className="bench-sight" aria-label={`${container.code}, ${treatment.label}`}>
          {asksHeight && (
            <RulerDrawing
              plant={{ ...container, label: treatment.label, habit: treatment.habit }}
              resolution={resolution}
              mm={mm}
              last={last && heightOf(last) !== null ? { day: last.day, mm: heightOf(last)! } : null}
              state={entry.state}
              leaves={foundIn(entry, 'leaves')?.value ?? null}
              doubtful={shown}
            />
          )}
          {countsOnly && (
            <SeedsDrawing
              plant={{ ...container, label: treatment.label }}
              species={kinds.find((k) => k.id === treatment.speciesId) ?? null}
              paper={bench.care.paper}
              sown={container.seedsSown}
              up={foundIn(entry, main.code)?.value ?? null}
            />
          )}
          <div className={`bench-value${asksHeight ? '' : ' alone'}`} aria-live="polite">
            {!asksHeight && !countsOnly && (
              <p className="bench-code">
                <b>{container.code}</b> {treatment.label}
              </p>
            )}
            <p
              className={`bench-number${mm === null ? ' none' : ''}${shown ? ' doubtful' : ''}${entry.digits.length > 6 ? ' long' : ''}`}
            >
              <BigValue entry={entry} main={main} question={question} investigation={investigation} sown={container.seedsSown} />
            </p>
            <p className="bench-change">{changeWords(mm, last, main, investigation, container)}</p>
            {old.map((r) => (
              <s key={r.id} className="bench-old">
                {readingWords(r, { resolution, own: bench.own, sown: container.seedsSown })}
              </s>
            ))}
          </div>
        </section>
        <p className="bench-helps">
          {young && <ReadAloud words={`${container.code}. ${question}`} />}
          <button type="button" className="btn btn-plain" onClick={onGuide}>
            How to measure
          </button>
          {dayReason === '' && investigation.class.gradeBand !== 'early' && (
            <button type="button" className="btn btn-plain" onClick={onOtherDay}>
              Another day?
            </button>
          )}
          {changing && mm !== null && mm >= LONG_MM && (
            <button type="button" className="btn btn-plain" onClick={() => change(pressKey(entry, '+', resolution))}>
              Taller than the ruler?
            </button>
          )}
        </p>
        {photos.length > 0 && (
          <div className="bench-photos">
            <Photos
              photos={photos}
              code={container.code}
              path="/bench/photos"
              onTakeBack={(of) => void theOutbox().add(v7(), teamId, { kind: 'photo-back', body: { of } })}
            />
          </div>
        )}
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
            {doubt && shown && (
              <DoubtQuestion
                doubt={doubt}
                entry={entry}
                valueMm={mm!}
                beforeMm={last ? heightOf(last) : null}
                resolution={resolution}
                onChange={change}
              />
            )}
            {!doubt && other && <OtherDoubt doubt={other} entry={entry} onChange={change} />}
            {entry.state === 'lost' ? (
              <WhyLost entry={entry} onChange={change} />
            ) : (
              <>
                {asksHeight && <HeightPad entry={entry} resolution={resolution} onChange={change} />}
                <MoreFields investigation={investigation} container={container} plant={plant} entry={entry} onChange={change} />
              </>
            )}
            <div className="bench-states" role="group" aria-label="No height because">
              <StateButton
                name={countsOnly && bench.sprouted === 'root-2mm' ? 'None yet' : 'Not up yet'}
                on={entry.state === 'not-up'}
                onPress={() => toggle('not-up')}
              >
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
      </div>
      <BenchFoot
        note={entry.note}
        closed={!changing}
        onNote={(note) => change({ ...entry, note })}
        onPicture={(file) => void takePicture(file)}
        next={nextName ? `Next: ${nextName}` : 'Finish'}
        onNext={save}
      />
    </>
  );
}

function WhyLost({ entry, onChange }: { entry: Entry; onChange: (entry: Entry) => void }) {
  return (
    <div className="bench-why" role="group" aria-label="What happened?">
      <h2>What happened to it?</h2>
      {LOST_REASONS.map((reason) => (
        <button
          key={reason}
          type="button"
          aria-pressed={entry.lostReason === reason}
          className={entry.lostReason === reason ? 'on' : ''}
          onClick={() => onChange({ ...entry, lostReason: reason })}
        >
          It {LOST_WORDS[reason]}
        </button>
      ))}
    </div>
  );
}

function same(a: Entry, b: Entry): boolean {
  return (
    a.state === b.state &&
    typedMm(a) === typedMm(b) &&
    a.lostReason === b.lostReason &&
    a.note === b.note &&
    a.answer === b.answer &&
    a.secondDigits === b.secondDigits &&
    JSON.stringify(a.found) === JSON.stringify(b.found)
  );
}

function BigValue({
  entry,
  main,
  question,
  investigation: { resolution },
  sown,
}: {
  entry: Entry;
  main: Measure;
  question: string;
  investigation: InvestigationView;
  sown: number;
}) {
  if (entry.state === 'measured' && entry.digits !== '')
    return (
      <>
        {entry.digits}
        <small>{entry.unit}</small>
      </>
    );
  const found = entry.state === 'measured' ? foundIn(entry, main.code) : null;
  if (found?.value !== undefined && found.value !== null)
    return (
      <>
        {valueNumber(main, found.value, { resolution })}
        <small>{main.quantity === 'count-of' ? `of ${sown}` : main.unit}</small>
      </>
    );
  if (found) return <span className="words">{findingWords(main, found, { resolution })}</span>;
  const words = { 'not-up': 'not up yet', lost: 'lost', 'not-checked': 'could not check' };
  return <span className="words">{words[entry.state as keyof typeof words] ?? question}</span>;
}

function changeWords(
  mm: number | null,
  last: ReadingView | null,
  main: Measure,
  { resolution, bench }: InvestigationView,
  { seedsSown: sown }: ContainerView,
): string {
  if (!last) return '';
  const day = formatDay(last.day, 'short');
  const before = heightOf(last);
  if (before === null) {
    const found = findingOf(last, main.code);
    if (found) return `${findingWords(main, found, { resolution, sown })} on ${day}`;
    return last.state === 'measured'
      ? ''
      : `${readingWords(last, { resolution, own: bench.own }).replace(/ yet$/, '')} on ${day}`;
  }
  if (mm === null) return `${formatLength(before, resolution)} on ${day}`;
  const change = mm - before;
  if (Math.abs(change) < 1e-6) return `the same as on ${day}`;
  return `${formatLengthNumber(Math.abs(change), resolution)} ${resolution === 'quarter-in' ? 'in' : 'cm'} ${change > 0 ? 'more' : 'less'} than on ${day}`;
}

/** The first question that another value than the height raises, beside what was found last time. */
function doubtAboutOthers(
  entry: Entry,
  last: ReadingView | null,
  { seedsSown: sown }: ContainerView,
  { bench, resolution }: InvestigationView,
): FindingDoubt | null {
  if (entry.state !== 'measured') return null;
  for (const { measure: code, value } of entry.found) {
    const measure = measureOf(code, bench.own);
    if (!measure || value === null) continue;
    const doubt = doubtAboutFinding(measure, value, last ? valueOf(last, code) : null, { resolution, sown });
    if (doubt) return doubt;
  }
  return null;
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
