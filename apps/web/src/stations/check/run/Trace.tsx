import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type RunChangeView } from '@bright-sprout/contracts/running';
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
  const team = (id: string | null) => (id ? (names.get(id) ?? 'a team') : 'the class');
  const said = ({ kind, code, fromTeam, toTeam, replaces }: RunChangeView) => {
    if (kind === 'move-team') return `${code} went from ${team(fromTeam)} to ${team(toTeam)}`;
    if (kind === 'from-reserve') return `${code} took the place of ${replaces}, for ${team(toTeam)}`;
    return `${code} was sown late, for ${team(toTeam)}`;
  };
  const inWords = (change: RunChangeView) => said(change) + (change.note ? `: ${change.note}` : '');
  const care = entering.care.filter((c) => c.kind !== 'sowing-step').reverse();
  return (
    <section className="section">
      <h2>What was done</h2>
      {changes.data?.length === 0 && care.length === 0 && <p>Nothing yet. Every change is written down here.</p>}
      <ul className="run-list">
        {changes.data?.map((c) => (
          <li key={c.id} className={c.undone ? 'undone' : undefined}>
            <span>{inWords(c)}</span>{' '}
            {!c.undone && (
              <button type="button" className="btn btn-plain" onClick={() => undo.mutate(c.id)}>
                undo
              </button>
            )}
          </li>
        ))}
        {care.map((c) => (
          <li key={c.id}>
            {formatDay(c.day, 'short')}: {c.skipped && 'not '}
            {CARE_WORDS[c.kind]}
            {c.kind === 'thin' && c.task.startsWith('thin ') && ` ${c.task.slice(5)}`}
            {c.amountMl !== null && `, ${c.amountMl} mL each`}, by {c.teamId ? team(c.teamId) : 'you'}
            {c.note && `: ${c.note}`}{' '}
            <button type="button" className="btn btn-plain" onClick={() => entering.takeBackCare(c.id)}>
              take back
            </button>
          </li>
        ))}
      </ul>
      {(undo.error ?? entering.error) && <ProblemNotice error={(undo.error ?? entering.error)!} />}
    </section>
  );
}
