import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { useClass } from '../../../api/queries';
import { DayInput } from '../../../entry/DayInput';
import { ProblemNotice } from '../../../page/Notices';
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
    <section className="section">
      <h2>Add a late sowing</h2>
      <div className="run-fields">
        <label>
          Treatment
          <Form.Select value={treatment} onChange={(e) => setTreatment(e.target.value)}>
            {investigation.treatments.map((t) => (
              <option key={t.code} value={t.code}>
                {t.code} {t.label}
              </option>
            ))}
          </Form.Select>
        </label>
        <label>
          looked after by
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
          sown on
          <DayInput value={sownOn} onChange={setSownOn} />
        </label>
        <label>
          seeds
          <Form.Control type="number" min={1} max={500} value={seeds} onChange={(e) => setSeeds(e.target.value)} />
        </label>
        <button type="button" className="btn" disabled={change.isPending} onClick={add}>
          Add it
        </button>
      </div>
      {change.data && !change.isPending && <p role="status">{change.data.code} is added. Print its label under Plan.</p>}
      {change.error && <ProblemNotice error={change.error} />}
    </section>
  );
}
