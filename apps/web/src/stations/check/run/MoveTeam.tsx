import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { useState } from 'react';
import { useClass } from '../../../api/queries';
import { RunChoice, RunForm, RunNote } from './RunForm';
import { teamChoices } from './teamChoices';
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
    <RunForm
      title="Give a container to another team"
      action="Move it"
      disabled={!containerId || change.isPending}
      onSend={move}
      error={change.error}
      fields={
        <>
          <RunChoice
            label="Container"
            value={containerId}
            choices={[
              ['', 'choose'],
              ...investigation.containers.map((c): [string, string] => [
                c.id,
                `${c.code}, ${(c.teamId && names.get(c.teamId)) ?? 'the class'}`,
              ]),
            ]}
            onChange={setContainerId}
          />
          <RunChoice label="goes to" value={teamId} choices={teamChoices(group.data)} onChange={setTeamId} />
          <RunNote label="because" value={note} onChange={setNote} />
        </>
      }
    />
  );
}
