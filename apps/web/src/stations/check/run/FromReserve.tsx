import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
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
      title={say('run.takePotReserve')}
      action={say('run.takeIt')}
      disabled={change.isPending || ways.length === 0}
      onSubmit={(e) => void take(e)}
      error={change.error}
      fields={
        <>
          <RunChoice
            label={say('run.inThePlaceOf')}
            error={formState.errors.lostId}
            choices={[
              ['', 'choose'],
              ...ways.map(({ gone, spare }): [string, string] => [
                gone.id,
                say('run.codeAndCode', { code: gone.code, other: spare.code }),
              ]),
            ]}
            {...register('lostId', { required: say('run.choosePotLost') })}
          />
          <RunNote label={say('run.because')} {...register('note')} />
        </>
      }
    >
      <p className="second mb-0">
        {say('run.reserveSownWateredLike', { reserve: reserve.map((r) => r.code).join(', '), sameCountWays: ways.length === 0 })}
      </p>
    </RunForm>
  );
}
