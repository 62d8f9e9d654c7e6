import { type ReactNode } from 'react';
import { Form } from 'react-bootstrap';
import { ProblemNotice } from '../../../page/Notices';

/** A heading, fields in a row and what is done with them: the shape of everything a teacher does while a class is running. */
export function RunForm({
  title,
  above,
  fields,
  action,
  disabled,
  onSend,
  error,
  children,
}: {
  title: string;
  /** What is chosen before the fields. */
  above?: ReactNode;
  fields: ReactNode;
  /** What the button says. */
  action: string;
  disabled: boolean;
  onSend: () => void;
  error?: Error | null;
  /** What is said under it. */
  children?: ReactNode;
}) {
  return (
    <section className="section">
      <h2>{title}</h2>
      {above}
      <div className="run-fields">
        {fields}
        <button type="button" className="btn" disabled={disabled} onClick={onSend}>
          {action}
        </button>
      </div>
      {children}
      {error && <ProblemNotice error={error} />}
    </section>
  );
}

/** One of a few, by its code and what it is called. */
export function RunChoice<V extends string>({
  label,
  value,
  choices,
  onChange,
}: {
  label: string;
  value: V;
  choices: readonly (readonly [V, string])[];
  onChange: (value: V) => void;
}) {
  return (
    <label>
      {label}
      <Form.Select value={value} onChange={(e) => onChange(e.target.value as V)}>
        {choices.map(([code, words]) => (
          <option key={code} value={code}>
            {words}
          </option>
        ))}
      </Form.Select>
    </label>
  );
}

/** A few words of the teacher's own. */
export function RunNote({ label, value, onChange }: { label: string; value: string; onChange: (value: string) => void }) {
  return (
    <label>
      {label}
      <Form.Control value={value} maxLength={200} onChange={(e) => onChange(e.target.value)} />
    </label>
  );
}
