import { say } from '@bright-sprout/words/say';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { useEffect } from 'react';
import { type Entry, keyWords, padKeys, pressKey } from './entry';

interface Props {
  entry: Entry;
  resolution: RulerResolution;
  onChange: (entry: Entry) => void;
}

const NAMED_KEYS: Record<string, string> = { ',': '.', Backspace: 'erase', ArrowUp: 'step-up', ArrowDown: 'step-down' };

/** The pad on which a height is tapped, or typed on a hardware keyboard. */
export function HeightPad({ entry, resolution, onChange }: Props) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing =
        e.target instanceof HTMLInputElement || e.target instanceof HTMLSelectElement || e.target instanceof HTMLTextAreaElement;
      if (typing || e.ctrlKey || e.metaKey || e.altKey) return;
      const key = /^[\d.+]$/.test(e.key) ? e.key : NAMED_KEYS[e.key];
      if (!key || (key !== '+' && !padKeys(resolution).includes(key))) return;
      e.preventDefault();
      onChange(pressKey(entry, key, resolution));
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  });
  return (
    <div className="bench-pad" role="group" aria-label={say('bench.heightIn', { unit: entry.unit })}>
      {padKeys(resolution).map((key, i) =>
        key === null ? (
          <span key={i} className="blank" />
        ) : (
          <button
            key={key}
            type="button"
            className={keyClass(key, entry.unit)}
            aria-pressed={key === 'cm' || key === 'mm' ? entry.unit === key : undefined}
            onClick={() => onChange(pressKey(entry, key, resolution))}
          >
            {keyWords(key, resolution)}
          </button>
        ),
      )}
    </div>
  );
}

function keyClass(key: string, unit: string): string {
  if (/^(\d|\.|\.5|[¼½¾])$/.test(key)) return 'digit';
  return `word${key === unit ? ' on' : ''}`;
}
