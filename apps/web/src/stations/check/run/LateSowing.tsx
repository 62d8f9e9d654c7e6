import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { isIsoDay } from '@bright-sprout/core/calendar/days';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { Controller, useForm } from 'react-hook-form';
import { useClass } from '../../../api/queries';
import { DayInput } from '../../../entry/DayInput';
import { Field } from '../../../entry/Field';
import { RunChoice, RunForm, RunNumber } from './RunForm';
import { teamChoices } from './teamChoices';
import { useRunChange } from './useRunChange';

const MOST_SEEDS = 500;

const isSeedCount = (typed: string) =>
  (/^\d+$/.test(typed.trim()) && Number(typed) >= 1 && Number(typed) <= MOST_SEEDS) ||
  say('run.seedsWholeNumber', { mostSeeds: MOST_SEEDS });

/** One more container, sown later than the others: it has its own day, and its age is counted from it. */
export function LateSowing({ investigation }: { investigation: InvestigationView }) {
  const group = useClass(investigation.class.id);
  const change = useRunChange();
  const { register, control, handleSubmit, formState } = useForm({
    mode: 'onChange',
    defaultValues: {
      treatment: investigation.treatments[0]?.code ?? '',
      teamId: '',
      sownOn: todayIn(investigation.class.timeZone) as string,
      seeds: String(investigation.containers[0]?.seedsSown ?? 1),
    },
  });
  const { errors } = formState;
  const add = handleSubmit(({ treatment, teamId, sownOn, seeds }) =>
    change.mutate({
      investigationId: investigation.id,
      kind: 'late-sowing',
      treatment,
      sownOn,
      seeds: Number(seeds),
      ...(teamId ? { teamId } : {}),
    }),
  );
  return (
    <RunForm
      title={say('run.addLateSowing')}
      action={say('run.addIt')}
      disabled={change.isPending}
      onSubmit={(e) => void add(e)}
      error={change.error}
      fields={
        <>
          <RunChoice
            label={say('run.treatment')}
            choices={investigation.treatments.map((t) => [t.code, `${t.code} ${t.label}`])}
            {...register('treatment')}
          />
          <RunChoice label={say('run.lookedAfter')} choices={teamChoices(group.data)} {...register('teamId')} />
          <Controller
            control={control}
            name="sownOn"
            rules={{ validate: (day) => isIsoDay(day) || say('common.chooseDaySowing') }}
            render={({ field: { value, onChange } }) => (
              <Field label={say('run.sownOn')} error={errors.sownOn}>
                {(props) => <DayInput value={value} onChange={onChange} {...props} />}
              </Field>
            )}
          />
          <RunNumber label={say('run.seeds')} error={errors.seeds} {...register('seeds', { validate: isSeedCount })} />
        </>
      }
    >
      {change.data && !change.isPending && <p role="status">{say('run.addedPrintLabelUnder', { code: change.data.code })}</p>}
    </RunForm>
  );
}
