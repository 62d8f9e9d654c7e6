import { say } from '@bright-sprout/words/say';
import { type ContainerView, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { SEED_COUNTS } from '@bright-sprout/core/measures/builtIn/counts';
import { findingOf, heightOf } from '@bright-sprout/core/measures/finding';
import { findingWords, valueNumber } from '@bright-sprout/core/measures/findingWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { mainMeasure } from '@bright-sprout/core/measures/registry';
import { formatLength, formatLengthNumber } from '@bright-sprout/core/quantities/length';
import { readingWords } from '@bright-sprout/core/readings/readingWords';
import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { type Entry, foundIn } from './entry';
import { RulerDrawing } from './RulerDrawing';
import { SeedsDrawing } from './SeedsDrawing';

interface Props {
  investigation: InvestigationView;
  container: ContainerView;
  kinds: readonly Species[];
  entry: Entry;
  /** Height that is typed; null where none is. */
  mm: number | null;
  /** The last look before today. */
  last: ReadingView | null;
  /** A question about the height is on the screen. */
  doubtful: boolean;
  question: string;
  /** Looks of today that were replaced. */
  old: readonly ReadingView[];
}

/** What is seen and said of the plant: at the ruler or in its box, the number in large, and the change since last time. */
export function BenchSight({ investigation, container, kinds, entry, mm, last, doubtful, question, old }: Props) {
  const { resolution, bench } = investigation;
  const treatment = investigation.treatments.find((t) => t.code === container.treatment)!;
  const asksHeight = bench.measures.includes('height');
  const main = mainMeasure(bench);
  const countsOnly = SEED_COUNTS.some((code) => code === main.code);
  return (
    <section className="bench-sight" aria-label={`${container.code}, ${treatment.label}`}>
      {asksHeight && (
        <RulerDrawing
          plant={{ ...container, label: treatment.label, habit: treatment.habit }}
          resolution={resolution}
          mm={mm}
          last={last && heightOf(last) !== null ? { day: last.day, mm: heightOf(last)! } : null}
          state={entry.state}
          leaves={foundIn(entry, 'leaves')?.value ?? null}
          doubtful={doubtful}
          cubes={investigation.class.gradeBand === 'early' && resolution === 'cm'}
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
          className={`bench-number${mm === null ? ' none' : ''}${doubtful ? ' doubtful' : ''}${entry.digits.length > 6 ? ' long' : ''}`}
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
        <small>{main.quantity === 'count-of' ? say('bench.ofSown', { sown }) : main.unit}</small>
      </>
    );
  if (found) return <span className="words">{findingWords(main, found, { resolution })}</span>;
  const words = { 'not-up': say('common.notUpYet'), lost: say('bench.wasLost'), 'not-checked': say('bench.couldNotCheck') };
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
    if (found) return say('bench.findingOnDay', { findingWords: findingWords(main, found, { resolution, sown }), day });
    return last.state === 'measured'
      ? ''
      : say('bench.typedOnDay', { typed: readingWords(last, { resolution, own: bench.own }).replace(/ yet$/, ''), day });
  }
  if (mm === null) return say('bench.beforeOnDay', { before: formatLength(before, resolution), day });
  const change = mm - before;
  if (Math.abs(change) < 1e-6) return say('bench.theSameAsOn', { day });
  return say('bench.moreOrLessThanOnDay', {
    size: formatLengthNumber(Math.abs(change), resolution),
    inches: resolution === 'quarter-in',
    isMore: change > 0,
    day,
  });
}
