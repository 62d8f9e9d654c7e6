import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { Link } from 'react-router';

/** What teams entered and could not be taken by itself, by class. Shown only while something waits. */
export function WhatWaits({ classes }: { classes: readonly ClassView[] }) {
  const waiting = classes.filter((c) => c.waiting > 0);
  if (waiting.length === 0) return null;
  return (
    <section className="section mb-4">
      <h2>{say('today.waitingDecide')}</h2>
      {waiting.map((c) => {
        const at = c.investigations.find((i) => i.phase === 'growing') ?? c.investigations[0];
        return (
          <p key={c.id}>
            <Say it="today.entryEntriesTakenOther" name={c.name} b={(inside) => <b>{inside}</b>} waiting={c.waiting} />{' '}
            {at && (
              <Link className="btn btn-plain" to={`/investigations/${at.id}/run`}>
                {say('today.decide')}
              </Link>
            )}
          </p>
        );
      })}
    </section>
  );
}
