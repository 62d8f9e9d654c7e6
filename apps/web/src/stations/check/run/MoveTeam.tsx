import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { useClass } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';
import { useRunChange } from './useRunChange';

/** A container goes to another team: somebody is ill, a team is split. */
export function MoveTeam({ investigation }: { investigation: InvestigationView }) {
  const group = useClass(investigation.class.id);
  const change = useRunChange();
  const [containerId, setContainerId] = useState('');
  const [teamId, setTeamId] = useState('');
  const [note, setNote] = useState('');
  const names = new Map(group.data?.teams.map((t) => [t.id, t.nickname]));
  const move = () =>
    change.mutate(
      {
        investigationId: investigation.id,
        kind: 'move-team',
        containerId,
        ...(teamId ? { teamId } : {}),
        ...(note.trim() ? { note: note.trim() } : {}),
      },
      { onSuccess: () => (setContainerId(''), setNote('')) },
    );
  return (
    <section className="section">
      <h2>Give a container to another team</h2>
      <div className="run-fields">
        <label>
          Container
          <Form.Select value={containerId} onChange={(e) => setContainerId(e.target.value)}>
            <option value="">choose</option>
            {investigation.containers.map((c) => (
              <option key={c.id} value={c.id}>
                {c.code}, {(c.teamId && names.get(c.teamId)) ?? 'the class'}
              </option>
            ))}
          </Form.Select>
        </label>
        <label>
          goes to
          <Form.Select value={teamId} onChange={(e) => setTeamId(e.target.value)}>
            <option value="">the class</option>
            {group.data?.teams.map((t) => (
              <option key={t.id} value={t.id}>
                {t.nickname}
              </option>
            ))}
          </Form.Select>
        </label>
        <label>
          because
          <Form.Control value={note} maxLength={200} onChange={(e) => setNote(e.target.value)} />
        </label>
        <button type="button" className="btn" disabled={!containerId || change.isPending} onClick={move}>
          Move it
        </button>
      </div>
      {change.error && <ProblemNotice error={change.error} />}
    </section>
  );
}
