import { type HeldView } from '@bright-sprout/contracts/held';
import { deviationWords } from '@bright-sprout/contracts/deviations';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { CARE_WORDS } from '@bright-sprout/core/care/careWords';
import { sentWords } from '@bright-sprout/core/readings/sentWords';
import { request } from '../../../api/client';
import { useHeld, useWrite } from '../../../api/queries';
import { EmblemMark } from '../../../marks/EmblemMark';
import { ProblemNotice } from '../../../page/Notices';

/** What teams entered and could not be taken: the teacher takes it in or leaves it out. Shown only while something waits. */
export function HeldEntries({ classId }: { classId: string }) {
  const held = useHeld(classId);
  const decide = useWrite(
    ({ id, take }: { id: string; take: boolean }) =>
      take ? request('PUT', `/held/${id}/taken`, {}) : request('DELETE', `/held/${id}`),
    'held',
    'investigations',
    'classes',
  );
  if (!held.data || held.data.length === 0) return null;
  return (
    <section className="section run-wide">
      <h2>Waiting for you to decide</h2>
      <p className="second">Teams entered this, and it could not be taken by itself.</p>
      <ul className="run-held">
        {held.data.map((entry) => (
          <li key={entry.id}>
            <EmblemMark emblem={entry.team.emblem} size={26} />
            <span>
              <b>
                {entry.team.nickname}
                {entry.code && `, ${entry.code}`}
              </b>
              : {inWords(entry)} <span className="second">They were told: “{entry.reason}”</span>
            </span>
            <button
              type="button"
              className="btn"
              disabled={decide.isPending}
              onClick={() => decide.mutate({ id: entry.id, take: true })}
            >
              Take it in
            </button>
            <button
              type="button"
              className="btn btn-plain"
              disabled={decide.isPending}
              onClick={() => decide.mutate({ id: entry.id, take: false })}
            >
              Leave it out
            </button>
          </li>
        ))}
      </ul>
      {decide.error && <ProblemNotice error={decide.error} />}
    </section>
  );
}

function inWords(entry: HeldView): string {
  switch (entry.kind) {
    case 'check':
      return `${entry.body.readings.map(sentWords).join('; ')} on ${formatDay(entry.body.day)}.`;
    case 'care':
      return `${CARE_WORDS[entry.body.kind]} on ${formatDay(entry.body.day)}.`;
    case 'deviation':
      return `${deviationWords(entry.body)}${entry.body.note ? `: ${entry.body.note}` : ''}.`;
  }
}
