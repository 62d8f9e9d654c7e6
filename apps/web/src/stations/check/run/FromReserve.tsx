import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { hasEnded } from '@bright-sprout/core/readings/reading';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import { useForm } from 'react-hook-form';
import { RunChoice, RunForm, RunNote } from './RunForm';
import { useRunChange } from './useRunChange';

/** A pot from the reserve takes the place of a lost one that got the same; nothing where none stands in reserve. */
export function FromReserve({ records: { investigation, readings } }: { records: InvestigationRecords }) {
  const change = useRunChange();
  const { reserve, containers } = investigation;
  const standings = standingsOn(
    containers.map((c) => c.id),
    readings,
    todayIn(investigation.class.timeZone),
  );
  const lost = containers.filter((c) => hasEnded(standings.get(c.id)!.state));
  const ways = lost.flatMap((gone) => {
    const spare = reserve.find((r) => r.treatment === gone.treatment);
    return spare ? [{ gone, spare }] : [];
  });
  const { register, handleSubmit, reset, formState } = useForm({ mode: 'onChange', defaultValues: { lostId: '', note: '' } });
  if (reserve.length === 0) return null;
  const take = handleSubmit(({ lostId, note }) => {
    const { gone, spare } = ways.find((w) => w.gone.id === lostId)!;
    change.mutate(
      {
        investigationId: investigation.id,
        kind: 'from-reserve',
        containerId: spare.id,
        replacesId: gone.id,
        ...(note.trim() ? { note: note.trim() } : {}),
      },
      { onSuccess: () => reset() },
    );
  });
  return (
    <RunForm
      title="Take a pot from the reserve"
      action="Take it"
      disabled={change.isPending || ways.length === 0}
      onSubmit={(e) => void take(e)}
      error={change.error}
      fields={
        <>
          <RunChoice
            label="In the place of"
            error={formState.errors.lostId}
            choices={[
              ['', 'choose'],
              ...ways.map(({ gone, spare }): [string, string] => [gone.id, `${gone.code}, by ${spare.code}`]),
            ]}
            {...register('lostId', { required: 'Choose the pot that is lost.' })}
          />
          <RunNote label="because" {...register('note')} />
        </>
      }
    >
      <p className="second mb-0">
        In reserve: {reserve.map((r) => r.code).join(', ')}, sown and watered like the others.{' '}
        {ways.length === 0
          ? 'Nothing is lost that one of them could replace.'
          : 'It belongs to the team of the lost one, and is looked at from now on.'}
      </p>
    </RunForm>
  );
}
