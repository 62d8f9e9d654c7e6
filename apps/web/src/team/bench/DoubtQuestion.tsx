import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type Intent } from '@bright-sprout/core/readings/doubtKinds';
import { type FindingDoubt } from '@bright-sprout/core/readings/findingDoubt';
import { type Doubt } from '@bright-sprout/core/readings/plausibility';
import { doubtQuestion, INTENT_WORDS } from '@bright-sprout/core/readings/doubtWords';
import { formatLength, type RulerResolution } from '@bright-sprout/core/quantities/length';
import { useState } from 'react';
import { type Entry, typedMm } from './entry';

interface Props {
  doubt: Doubt;
  entry: Entry;
  valueMm: number;
  beforeMm: number | null;
  resolution: RulerResolution;
  onChange: (entry: Entry) => void;
}

/** One question in place about a height that looks odd. Whatever is answered, the value stays and the way on is free. */
export function DoubtQuestion({ doubt, entry, valueMm, beforeMm, resolution, onChange }: Props) {
  const [second, setSecond] = useState(entry.secondDigits !== '');
  const secondMm = typedMm({ digits: entry.secondDigits, unit: entry.unit });
  return (
    <section className="bench-doubt" role="group" aria-label={say('bench.questionAboutHeight')}>
      <p role="status">
        <Say
          it="bench.valueStaysTyped"
          doubtQuestion={doubtQuestion(doubt, valueMm, resolution, beforeMm)}
          b={(inside) => <b>{inside}</b>}
        />
      </p>
      <div className="bench-intents">
        <Intents intents={doubt.intents} entry={entry} onChange={onChange} />
        <button type="button" className={second ? 'on' : ''} aria-pressed={second} onClick={() => setSecond(!second)}>
          {say('bench.somebodyElseMeasures')}
        </button>
      </div>
      {second && (
        <p className="bench-second">
          <label>
            {say('bench.secondStudentReads', { unit: entry.unit })}{' '}
            <input
              inputMode="decimal"
              value={entry.secondDigits}
              maxLength={8}
              onChange={(e) => onChange({ ...entry, secondDigits: e.target.value })}
            />
          </label>
          {secondMm !== null && <b>{agreement(valueMm, secondMm, resolution)}</b>}
        </p>
      )}
    </section>
  );
}

function Intents({ intents, entry, onChange }: { intents: readonly Intent[]; entry: Entry; onChange: (entry: Entry) => void }) {
  return intents.map((intent) => (
    <button
      key={intent}
      type="button"
      className={entry.answer === intent ? 'on' : ''}
      aria-pressed={entry.answer === intent}
      onClick={() => onChange({ ...entry, answer: entry.answer === intent ? null : intent })}
    >
      {INTENT_WORDS[intent]}
    </button>
  ));
}

/** The same for a value that is no height. */
export function OtherDoubt({ doubt, entry, onChange }: { doubt: FindingDoubt; entry: Entry; onChange: (entry: Entry) => void }) {
  return (
    <section className="bench-doubt" role="group" aria-label={say('bench.questionAboutValue')}>
      <p role="status">
        <Say it="bench.questionValueStays" question={doubt.question} b={(inside) => <b>{inside}</b>} />
      </p>
      <div className="bench-intents">
        <Intents intents={doubt.intents} entry={entry} onChange={onChange} />
      </div>
    </section>
  );
}

function agreement(first: number, second: number, resolution: RulerResolution): string {
  const apart = Math.abs(first - second);
  if (apart < 0.05) return say('bench.bothReadSame');
  return say('bench.apartBothKept', { apart: formatLength(apart, resolution) });
}
