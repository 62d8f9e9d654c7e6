import { say } from '@bright-sprout/words/say';
import { benchFor } from '@bright-sprout/core/bench/benchProtocol';
import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { lossOfAll } from '@bright-sprout/core/readings/losses';
import { hasEnded, LOST_REASONS, LOST_WORDS, type LostReason } from '@bright-sprout/core/readings/reading';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { RunChoice, RunForm, RunNote } from './RunForm';
import { ContainerChoice, toggled } from '../../../entry/ContainerChoice';

/** Several containers lost at once: a tray fell, a weekend dried out. */
export function Accident({ records: { investigation, readings } }: { records: InvestigationRecords }) {
  const today = todayIn(investigation.class.timeZone);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const { register, handleSubmit, resetField } = useForm({
    defaultValues: { reason: 'knocked-over' as LostReason, note: '' },
  });
  const standings = standingsOn(
    investigation.containers.map((c) => c.id),
    readings,
    today,
  );
  const alive = investigation.containers.filter((c) => !hasEnded(standings.get(c.id)!.state));
  const record = useWrite(async ({ ids, reason, note }: { ids: string[]; reason: LostReason; note: string }) => {
    for (const containerId of ids) {
      const { treatment } = investigation.containers.find((c) => c.id === containerId)!;
      const { plants } = benchFor(investigation.bench, treatment);
      const losses = lossOfAll(plants, standings.get(containerId)!, reason, note);
      const body: SaveCheckRequest = {
        containerId,
        day: today,
        recordedAt: timeNow().toISOString(),
        readings: losses.map((loss) => ({ id: v7(), ...loss })),
      };
      await request('PUT', `/checks/${v7()}`, body);
      // What is written down is no longer chosen: pressing again after a failure goes on with the others.
      setChosen((now) => toggled(now, containerId));
    }
  }, 'investigations');
  const send = handleSubmit((said) => record.mutate({ ids: [...chosen], ...said }, { onSuccess: () => resetField('note') }));
  return (
    <RunForm
      title={say('run.recordAccident')}
      action={
        record.isPending
          ? say('run.writingDown')
          : chosen.size === 0
            ? say('run.recordIt')
            : say('run.recordFor', { countChosen: chosen.size })
      }
      disabled={chosen.size === 0 || record.isPending}
      onSubmit={(e) => void send(e)}
      error={record.error}
      above={
        <ContainerChoice
          label={say('run.containersLost')}
          containers={alive}
          chosen={chosen}
          onToggle={(id) => setChosen(toggled(chosen, id))}
        />
      }
      fields={
        <>
          <RunChoice
            label={say('run.eachOfThem')}
            choices={LOST_REASONS.map((r) => [r, LOST_WORDS[r]])}
            {...register('reason')}
          />
          <RunNote label={say('run.whatHappened')} {...register('note')} />
        </>
      }
    >
      <p className="second mb-0">{say('run.leaveAveragesTodayNamed')}</p>
    </RunForm>
  );
}
