import { type ClassView } from '@bright-sprout/contracts/classes';
import { counted } from '@bright-sprout/core/words/plural';
import { Link } from 'react-router';

/** What teams entered and could not be taken by itself, by class. Shown only while something waits. */
export function WhatWaits({ classes }: { classes: readonly ClassView[] }) {
  const waiting = classes.filter((c) => c.waiting > 0);
  if (waiting.length === 0) return null;
  return (
    <section className="section mb-4">
      <h2>Waiting for you to decide</h2>
      {waiting.map((c) => {
        const at = c.investigations.find((i) => i.phase === 'growing') ?? c.investigations[0];
        return (
          <p key={c.id}>
            <b>{c.name}</b>: {counted(c.waiting, 'entry')} that could not be taken by {c.waiting === 1 ? 'itself' : 'themselves'}.{' '}
            {at && (
              <Link className="btn btn-plain" to={`/investigations/${at.id}/run`}>
                Decide
              </Link>
            )}
          </p>
        );
      })}
    </section>
  );
}
