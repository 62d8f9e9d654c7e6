import { say, sayTold } from '@bright-sprout/words/say';
import { type HeldView } from '@bright-sprout/contracts/answers/held';
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
      <h2>{say('run.waitingDecide')}</h2>
      <p className="second">{say('run.teamsEnteredTakenItself')}</p>
      <ul className="run-held">
        {held.data.map((entry) => (
          <li key={entry.id}>
            <EmblemMark emblem={entry.team.emblem} size={26} />
            <span>
              <b>
                {entry.team.nickname}
                {entry.code && `, ${entry.code}`}
              </b>
              : {inWords(entry)} <span className="second">{say('run.theyWereTold', { reason: sayTold(entry.reason) })}</span>
            </span>
            <button
              type="button"
              className="btn"
              disabled={decide.isPending}
              onClick={() => decide.mutate({ id: entry.id, take: true })}
            >
              {say('run.takeItIn')}
            </button>
            <button
              type="button"
              className="btn btn-plain"
              disabled={decide.isPending}
              onClick={() => decide.mutate({ id: entry.id, take: false })}
            >
              {say('run.leaveItOut')}
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
      return say('run.readingsOnDay', {
        readings: entry.body.readings.map(sentWords).join('; '),
        day: formatDay(entry.body.day),
      });
    case 'care':
      return say('run.careOnDay', { care: CARE_WORDS[entry.body.kind], day: formatDay(entry.body.day) });
    case 'deviation':
      return `${deviationWords(entry.body)}${entry.body.note ? `: ${entry.body.note}` : ''}.`;
  }
}
