import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { useClass } from '../../../api/queries';
import { DayInput } from '../../../entry/DayInput';
import { RunChoice, RunForm } from './RunForm';
import { teamChoices } from './teamChoices';
import { useRunChange } from './useRunChange';

/** One more container, sown later than the others: it has its own day, and its age is counted from it. */
export function LateSowing({ investigation }: { investigation: InvestigationView }) {
  const group = useClass(investigation.class.id);
  const change = useRunChange();
  const [treatment, setTreatment] = useState(investigation.treatments[0]?.code ?? '');
  const [teamId, setTeamId] = useState('');
  const [sownOn, setSownOn] = useState(todayIn(investigation.class.timeZone));
  const [seeds, setSeeds] = useState(String(investigation.containers[0]?.seedsSown ?? 1));
  const add = () =>
    change.mutate({
      investigationId: investigation.id,
      kind: 'late-sowing',
      treatment,
      sownOn,
      seeds: Math.round(Number(seeds)),
      ...(teamId ? { teamId } : {}),
    });
  return (
    <RunForm
      title="Add a late sowing"
      action="Add it"
      disabled={change.isPending}
      onSend={add}
      error={change.error}
      fields={
        <>
          <RunChoice
            label="Treatment"
            value={treatment}
            choices={investigation.treatments.map((t) => [t.code, `${t.code} ${t.label}`])}
            onChange={setTreatment}
          />
          <RunChoice label="looked after by" value={teamId} choices={teamChoices(group.data)} onChange={setTeamId} />
          <label>
            sown on
            <DayInput value={sownOn} onChange={setSownOn} />
          </label>
          <label>
            seeds
            <Form.Control type="number" min={1} max={500} value={seeds} onChange={(e) => setSeeds(e.target.value)} />
          </label>
        </>
      }
    >
      {change.data && !change.isPending && <p role="status">{change.data.code} is added. Print its label under Plan.</p>}
    </RunForm>
  );
}
