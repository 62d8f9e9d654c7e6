import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { useForm } from 'react-hook-form';
import { useClass } from '../../../api/queries';
import { RunChoice, RunForm, RunNote } from './RunForm';
import { teamChoices } from './teamChoices';
import { useRunChange } from './useRunChange';

/** A container goes to another team: somebody is ill, a team is split. */
export function MoveTeam({ investigation }: { investigation: InvestigationView }) {
  const group = useClass(investigation.class.id);
  const change = useRunChange();
  const { register, handleSubmit, reset, formState } = useForm({
    mode: 'onChange',
    defaultValues: { containerId: '', teamId: '', note: '' },
  });
  const names = new Map(group.data?.teams.map((t) => [t.id, t.nickname]));
  const move = handleSubmit(({ containerId, teamId, note }) =>
    change.mutate(
      {
        investigationId: investigation.id,
        kind: 'move-team',
        containerId,
        ...(teamId ? { teamId } : {}),
        ...(note.trim() ? { note: note.trim() } : {}),
      },
      { onSuccess: () => reset({ containerId: '', teamId, note: '' }) },
    ),
  );
  return (
    <RunForm
      title={say('run.giveContainerAnotherTeam')}
      action={say('run.moveIt')}
      disabled={change.isPending}
      onSubmit={(e) => void move(e)}
      error={change.error}
      fields={
        <>
          <RunChoice
            label={say('common.container')}
            error={formState.errors.containerId}
            choices={[
              ['', 'choose'],
              ...investigation.containers.map((c): [string, string] => [
                c.id,
                `${c.code}, ${(c.teamId && names.get(c.teamId)) ?? say('common.theClass')}`,
              ]),
            ]}
            {...register('containerId', { required: say('run.chooseContainerMoves') })}
          />
          <RunChoice label={say('run.goesTo')} choices={teamChoices(group.data)} {...register('teamId')} />
          <RunNote label={say('run.because')} {...register('note')} />
        </>
      }
    />
  );
}
