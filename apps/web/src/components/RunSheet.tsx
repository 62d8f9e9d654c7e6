import { useState } from 'react';
import { Form } from 'react-bootstrap';
import './sowing.scss';

/** The steps of sowing day as a checklist; what is ticked stays on this device. */
export function RunSheet({ steps, keptAs }: { steps: readonly string[]; keptAs: string }) {
  const key = `run-sheet ${keptAs}`;
  const [ticked, setTicked] = useState<number[]>(() => readTicks(key));
  const tick = (step: number, on: boolean) => {
    const next = on ? [...ticked, step] : ticked.filter((t) => t !== step);
    setTicked(next);
    localStorage.setItem(key, JSON.stringify(next));
  };
  if (steps.length === 0) return null;
  return (
    <section className="section">
      <h2>
        Sowing day: {ticked.length} of {steps.length} done
      </h2>
      <ol className="run-steps">
        {steps.map((step, i) => (
          <li key={step}>
            <Form.Check
              type="checkbox"
              id={`step-${i}`}
              label={step}
              checked={ticked.includes(i)}
              onChange={(e) => tick(i, e.target.checked)}
            />
          </li>
        ))}
      </ol>
    </section>
  );
}

function readTicks(key: string): number[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '[]');
    return Array.isArray(kept) ? kept.filter((t): t is number => typeof t === 'number') : [];
  } catch {
    return [];
  }
}
