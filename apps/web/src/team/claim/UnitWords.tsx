import { say } from '@bright-sprout/words/say';
import { type GradeBand } from '@bright-sprout/core/words/gradeBand';
import { unitWords } from '@bright-sprout/core/words/unitWords';
import { useState } from 'react';

/** The words of the unit: a tap, and one sentence says what it means. */
export function UnitWords({ band }: { band: GradeBand }) {
  const [open, setOpen] = useState<string | null>(null);
  const words = unitWords(band);
  const says = words.find((w) => w.word === open)?.says;
  return (
    <div className="unit-words">
      <span className="second">{say('teamClaim.wordsMayNeed')}</span>
      {words.map((w) => (
        <button
          key={w.word}
          type="button"
          aria-expanded={open === w.word}
          onClick={() => setOpen(open === w.word ? null : w.word)}
        >
          {w.word}
        </button>
      ))}
      {says && (
        <p role="status">
          <b>{open}</b>: {says}
        </p>
      )}
    </div>
  );
}
