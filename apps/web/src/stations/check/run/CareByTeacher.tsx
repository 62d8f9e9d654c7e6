import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type CareKind } from '@bright-sprout/core/care/careTasks';
import { parseVolume } from '@bright-sprout/core/quantities/volume';
import { useForm, useWatch } from 'react-hook-form';
import { useTeacherEntering } from '../../../entry/useEntering';
import { RunChoice, RunForm, RunNote, RunNumber } from './RunForm';

const done = (): readonly (readonly [CareKind, string])[] => [
  ['water', say('run.watered')],
  ['turn', say('run.turned')],
  ['light', say('run.movedOtherLight')],
  ['vent', say('run.letAir')],
  ['transplant', say('run.transplanted')],
  ['harden', say('run.hardenedOff')],
  ['bring-in', say('run.broughtIn')],
];

/** As much as one container can take. */
const MOST_ML = 5000;

/** Why an amount cannot be taken; none need be given. */
function amountProblem(typed: string): string | undefined {
  if (typed.trim() === '') return undefined;
  const read = parseVolume(typed, 'metric', 'ml');
  if (!read.ok) return read.reason;
  return read.value > MOST_ML ? say('run.mostLitresContainer') : undefined;
}

/** What the teacher does for all, such as transplanting or the water before a weekend. */
export function CareByTeacher({ investigation }: { investigation: InvestigationView }) {
  const entering = useTeacherEntering(investigation);
  const { register, control, handleSubmit, resetField, formState } = useForm({
    mode: 'onChange',
    defaultValues: { kind: 'water' as CareKind, amount: '', note: '' },
  });
  const kind = useWatch({ control, name: 'kind' });
  const send = handleSubmit(({ kind, amount, note }) => {
    const ml = kind === 'water' ? parseVolume(amount, 'metric', 'ml') : null;
    entering.saveCare({
      kind,
      task: kind,
      ...(ml?.ok ? { amountMl: ml.value } : {}),
      ...(note.trim() ? { note: note.trim() } : {}),
    });
    resetField('note');
  });
  return (
    <RunForm
      title={say('run.doneForAll')}
      action={say('run.writeDown')}
      onSubmit={(e) => void send(e)}
      error={entering.error}
      fields={
        <>
          <RunChoice label={say('common.what')} choices={done()} {...register('kind')} />
          {kind === 'water' && (
            <RunNumber
              label={say('run.mlForEach')}
              error={formState.errors.amount}
              {...register('amount', { validate: amountProblem, shouldUnregister: true })}
            />
          )}
          <RunNote label={say('run.moreAbout')} {...register('note')} />
        </>
      }
    />
  );
}
