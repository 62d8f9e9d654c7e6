import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type CareKind } from '@bright-sprout/core/care/careTasks';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { RunChoice, RunForm, RunNote } from './RunForm';
import { useTeacherEntering } from '../../../entry/useEntering';

const DONE: readonly (readonly [CareKind, string])[] = [
  ['water', 'Watered'],
  ['turn', 'Turned'],
  ['light', 'Moved into other light'],
  ['vent', 'Let in air'],
  ['transplant', 'Transplanted'],
  ['harden', 'Hardened off'],
  ['bring-in', 'Brought in'],
];

/** What the teacher does for all, such as transplanting or the water before a weekend. */
export function CareByTeacher({ investigation }: { investigation: InvestigationView }) {
  const entering = useTeacherEntering(investigation);
  const [kind, setKind] = useState<CareKind>('water');
  const [amount, setAmount] = useState('');
  const [note, setNote] = useState('');
  const ml = Number(amount.replace(',', '.'));
  const wrong = amount !== '' && !(ml >= 0 && ml <= 5000);
  const send = () => {
    entering.saveCare({
      kind,
      task: kind,
      ...(kind === 'water' && amount !== '' ? { amountMl: ml } : {}),
      ...(note.trim() ? { note: note.trim() } : {}),
    });
    setNote('');
  };
  return (
    <RunForm
      title="Done for all"
      action="Write it down"
      disabled={wrong}
      onSend={send}
      error={entering.error}
      fields={
        <>
          <RunChoice label="What" value={kind} choices={DONE} onChange={setKind} />
          {kind === 'water' && (
            <label>
              mL for each
              <Form.Control inputMode="decimal" value={amount} isInvalid={wrong} onChange={(e) => setAmount(e.target.value)} />
            </label>
          )}
          <RunNote label="More about it" value={note} onChange={setNote} />
        </>
      }
    />
  );
}
