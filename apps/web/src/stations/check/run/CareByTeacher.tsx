import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type CareKind } from '@bright-sprout/core/care/careTasks';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { ProblemNotice } from '../../../page/Notices';
import { useTeacherEntering } from '../../../entry/useEntering';

const DONE: Partial<Record<CareKind, string>> = {
  water: 'Watered',
  turn: 'Turned',
  light: 'Moved into other light',
  vent: 'Let in air',
  transplant: 'Transplanted',
  harden: 'Hardened off',
  'bring-in': 'Brought in',
};

/** What the teacher does for all, such as transplanting or the water before a weekend. */
export function CareByTeacher({ investigation }: { investigation: InvestigationView }) {
  const entering = useTeacherEntering(investigation);
  const [kind, setKind] = useState<CareKind>('water');
  const [amount, setAmount] = useState('');
  const [note, setNote] = useState('');
  const ml = Number(amount.replace(',', '.'));
  const wrong = amount !== '' && !(ml >= 0 && ml <= 5000);
  return (
    <section className="section">
      <h2>Done for all</h2>
      <div className="run-fields">
        <label>
          What
          <Form.Select value={kind} onChange={(e) => setKind(e.target.value as CareKind)}>
            {Object.entries(DONE).map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Form.Select>
        </label>
        {kind === 'water' && (
          <label>
            mL for each
            <Form.Control inputMode="decimal" value={amount} isInvalid={wrong} onChange={(e) => setAmount(e.target.value)} />
          </label>
        )}
        <label>
          More about it
          <Form.Control value={note} maxLength={200} onChange={(e) => setNote(e.target.value)} />
        </label>
        <button
          type="button"
          className="btn"
          disabled={wrong}
          onClick={() => {
            entering.saveCare({
              kind,
              task: kind,
              ...(kind === 'water' && amount !== '' ? { amountMl: ml } : {}),
              ...(note.trim() ? { note: note.trim() } : {}),
            });
            setNote('');
          }}
        >
          Write it down
        </button>
      </div>
      {entering.error && <ProblemNotice error={entering.error} />}
    </section>
  );
}
