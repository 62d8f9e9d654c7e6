import { say } from '@bright-sprout/words/say';
import { useState } from 'react';

const MOST = 1000;

/** Types how many seeds really went into a container. */
export function SeedsCounted({ code, onCount }: { code: string; onCount: (seeds: number) => void }) {
  const [typed, setTyped] = useState('');
  const seeds = /^\d+$/.test(typed.trim()) ? Number(typed) : null;
  const wrong = typed.trim() !== '' && (seeds === null || seeds > MOST);
  return (
    <form
      className="sown-count"
      onSubmit={(e) => {
        e.preventDefault();
        if (seeds !== null && !wrong) onCount(seeds);
      }}
    >
      <label>
        {say('sowing.seedsCounted', { code })}
        <input inputMode="numeric" value={typed} maxLength={5} onChange={(e) => setTyped(e.target.value)} />
      </label>
      <button type="submit" className="btn" disabled={seeds === null || wrong}>
        {say('sowing.writeDown')}
      </button>
      {wrong && <span className="invalid-feedback d-block">{say('sowing.wholeNumberMost', { most: MOST })}</span>}
    </form>
  );
}
