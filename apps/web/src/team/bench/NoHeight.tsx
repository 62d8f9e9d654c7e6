import { say } from '@bright-sprout/words/say';
import { LOST_REASONS, LOST_WORDS } from '@bright-sprout/core/readings/reading';
import { type ReactNode } from 'react';
import { type Entry } from './entry';

/** Why there is no height: three facts that are never a number. A second tap takes one back. */
export function NoHeight({
  entry,
  rootsOnly,
  onToggle,
}: {
  entry: Entry;
  /** What is looked for is a root. */
  rootsOnly: boolean;
  onToggle: (state: NonNullable<Entry['state']>) => void;
}) {
  return (
    <div className="bench-states" role="group" aria-label={say('bench.heightBecause')}>
      <StateButton
        name={rootsOnly ? say('bench.noneYet') : say('bench.notUpYet')}
        on={entry.state === 'not-up'}
        onPress={() => onToggle('not-up')}
      >
        <path d="M2 18H38M10 18q3-9 10-9t10 9z" />
      </StateButton>
      <StateButton name={say('bench.lost')} on={entry.state === 'lost'} onPress={() => onToggle('lost')}>
        <path d="M4 18H38M7 17V6l19 3v8zM26 9q9 2 10 9" />
      </StateButton>
      <StateButton
        name={say('bench.couldNotCheckTitle')}
        on={entry.state === 'not-checked'}
        onPress={() => onToggle('not-checked')}
      >
        <path d="M2 18H38M19 18V5q8 3 9 13" strokeDasharray="3 2.500" />
      </StateButton>
    </div>
  );
}

export function WhyLost({ entry, onChange }: { entry: Entry; onChange: (entry: Entry) => void }) {
  return (
    <div className="bench-why" role="group" aria-label={say('bench.whatHappened')}>
      <h2>{say('bench.whatHappenedToIt')}</h2>
      {LOST_REASONS.map((reason) => (
        <button
          key={reason}
          type="button"
          aria-pressed={entry.lostReason === reason}
          className={entry.lostReason === reason ? 'on' : ''}
          onClick={() => onChange({ ...entry, lostReason: reason })}
        >
          {say('bench.itIsLost', { lost: LOST_WORDS[reason] })}
        </button>
      ))}
    </div>
  );
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
