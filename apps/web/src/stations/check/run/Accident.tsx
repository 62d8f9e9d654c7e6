import { timeNow, todayIn } from '@bright-sprout/core/clock/clock';
import { type SaveCheckRequest } from '@bright-sprout/contracts/checks';
import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { lossOfAll } from '@bright-sprout/core/readings/losses';
import { hasEnded, LOST_REASONS, LOST_WORDS, type LostReason } from '@bright-sprout/core/readings/reading';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ProblemNotice } from '../../../page/Notices';
import { ContainerChoice, toggled } from '../../../entry/ContainerChoice';

/** Several containers lost at once: a tray fell, a weekend dried out. */
export function Accident({ records: { investigation, readings } }: { records: InvestigationRecords }) {
  const today = todayIn(investigation.class.timeZone);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [reason, setReason] = useState<LostReason>('knocked-over');
  const [note, setNote] = useState('');
  const standings = standingsOn(
    investigation.containers.map((c) => c.id),
    readings,
    today,
  );
  const alive = investigation.containers.filter((c) => !hasEnded(standings.get(c.id)!.state));
  const record = useWrite(async (ids: string[]) => {
    for (const containerId of ids) {
      const losses = lossOfAll(investigation.bench.plants, standings.get(containerId)!, reason, note);
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
  return (
    <section className="section">
      <h2>Record an accident</h2>
      <ContainerChoice
        label="Containers that are lost"
        containers={alive}
        chosen={chosen}
        onToggle={(id) => setChosen(toggled(chosen, id))}
      />
      <div className="run-fields">
        <label>
          Each of them
          <Form.Select value={reason} onChange={(e) => setReason(e.target.value as LostReason)}>
            {LOST_REASONS.map((r) => (
              <option key={r} value={r}>
                {LOST_WORDS[r]}
              </option>
            ))}
          </Form.Select>
        </label>
        <label>
          What happened
          <Form.Control value={note} maxLength={200} onChange={(e) => setNote(e.target.value)} />
        </label>
        <button
          type="button"
          className="btn"
          disabled={chosen.size === 0 || record.isPending}
          onClick={() => record.mutate([...chosen], { onSuccess: () => setNote('') })}
        >
          {record.isPending ? 'Writing it down …' : chosen.size === 0 ? 'Record it' : `Record for ${chosen.size}`}
        </button>
      </div>
      <p className="second mb-0">
        They leave the averages from today on, and are named beside them. A wrong one is put right in the log.
      </p>
      {record.error && <ProblemNotice error={record.error} />}
    </section>
  );
}
