import { todayIn } from '@bright-sprout/core/clock/clock';
import { isIsoDay } from '@bright-sprout/core/calendar/days';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
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
  `Seeds are a whole number from 1 to ${MOST_SEEDS}.`;

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
      title="Add a late sowing"
      action="Add it"
      disabled={change.isPending}
      onSubmit={(e) => void add(e)}
      error={change.error}
      fields={
        <>
          <RunChoice
            label="Treatment"
            choices={investigation.treatments.map((t) => [t.code, `${t.code} ${t.label}`])}
            {...register('treatment')}
          />
          <RunChoice label="looked after by" choices={teamChoices(group.data)} {...register('teamId')} />
          <Controller
            control={control}
            name="sownOn"
            rules={{ validate: (day) => isIsoDay(day) || 'Choose the day of sowing.' }}
            render={({ field: { value, onChange } }) => (
              <Field label="sown on" error={errors.sownOn}>
                {(props) => <DayInput value={value} onChange={onChange} {...props} />}
              </Field>
            )}
          />
          <RunNumber label="seeds" error={errors.seeds} {...register('seeds', { validate: isSeedCount })} />
        </>
      }
    >
      {change.data && !change.isPending && <p role="status">{change.data.code} is added. Print its label under Plan.</p>}
    </RunForm>
  );
}
