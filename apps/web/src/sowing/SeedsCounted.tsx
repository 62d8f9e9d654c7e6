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
        Seeds counted into {code}
        <input inputMode="numeric" value={typed} maxLength={5} onChange={(e) => setTyped(e.target.value)} />
      </label>
      <button type="submit" className="btn" disabled={seeds === null || wrong}>
        Write it down
      </button>
      {wrong && <span className="invalid-feedback d-block">A whole number, at most {MOST}.</span>}
    </form>
  );
}
