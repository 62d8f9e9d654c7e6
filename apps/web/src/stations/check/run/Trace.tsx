import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type RunChangeView } from '@bright-sprout/contracts/answers/running';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { CARE_WORDS } from '@bright-sprout/core/care/careWords';
import { request } from '../../../api/client';
import { useClass, useRunChanges, useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';
import { useTeacherEntering } from '../../../entry/useEntering';

/** What was done and changed, newest first; it can be undone where the world allows. */
export function Trace({ investigation }: { investigation: InvestigationView }) {
  const changes = useRunChanges(investigation.id);
  const group = useClass(investigation.class.id);
  const entering = useTeacherEntering(investigation);
  const undo = useWrite((id: string) => request('DELETE', `/run-changes/${id}`), 'investigations');
  const names = new Map(group.data?.teams.map((t) => [t.id, t.nickname]));
  const team = (id: string | null) => (id ? (names.get(id) ?? say('run.aTeam')) : say('common.theClass'));
  const said = ({ kind, code, fromTeam, toTeam, replaces }: RunChangeView) => {
    if (kind === 'move-team') return say('run.wentFromTo', { code, from: team(fromTeam), to: team(toTeam) });
    if (kind === 'from-reserve') return say('run.tookPlace', { code, replaces, team: team(toTeam) });
    return say('run.sownLate', { code, team: team(toTeam) });
  };
  const inWords = (change: RunChangeView) => said(change) + (change.note ? `: ${change.note}` : '');
  const care = entering.care.filter((c) => c.kind !== 'sowing-step').reverse();
  return (
    <section className="section">
      <h2>{say('run.whatWasDone')}</h2>
      {changes.data?.length === 0 && care.length === 0 && <p>{say('run.nothingYetEveryChange')}</p>}
      <ul className="run-list">
        {changes.data?.map((c) => (
          <li key={c.id} className={c.undone ? 'undone' : undefined}>
            <span>{inWords(c)}</span>{' '}
            {!c.undone && (
              <button type="button" className="btn btn-plain" onClick={() => undo.mutate(c.id)}>
                {say('run.undo')}
              </button>
            )}
          </li>
        ))}
        {care.map((c) => (
          <li key={c.id}>
            <Say
              it="run.notMlEachBy"
              day={formatDay(c.day, 'short')}
              skipped={c.skipped}
              careWords={CARE_WORDS[c.kind]}
              kind={c.kind === 'thin' && c.task.startsWith('thin ') && ` ${c.task.slice(5)}`}
              amountMl={c.amountMl}
              hasAmountMl={c.amountMl !== null}
              team={c.teamId ? team(c.teamId) : say('run.you')}
            />
            {c.note && `: ${c.note}`}{' '}
            <button type="button" className="btn btn-plain" onClick={() => entering.takeBackCare(c.id)}>
              {say('common.takeBackLower')}
            </button>
          </li>
        ))}
      </ul>
      {(undo.error ?? entering.error) && <ProblemNotice error={(undo.error ?? entering.error)!} />}
    </section>
  );
}
