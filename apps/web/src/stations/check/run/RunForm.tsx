import { type FormEventHandler, type ReactNode } from 'react';
import { Form } from 'react-bootstrap';
import { type FieldError, type UseFormRegisterReturn } from 'react-hook-form';
import { Field } from '../../../entry/Field';
import { ProblemNotice } from '../../../page/Notices';

/** A heading, fields in a row and what is done with them: the shape of everything a teacher does while a class is running. */
export function RunForm({
  title,
  above,
  fields,
  action,
  disabled = false,
  onSubmit,
  error,
  children,
}: {
  title: string;
  /** What is chosen before the fields. */
  above?: ReactNode;
  fields: ReactNode;
  /** What the button says. */
  action: string;
  disabled?: boolean;
  onSubmit: FormEventHandler;
  error?: Error | null;
  /** What is said under it. */
  children?: ReactNode;
}) {
  return (
    <section className="section">
      <h2>{title}</h2>
      <Form noValidate onSubmit={onSubmit}>
        {above}
        <div className="run-fields">
          {fields}
          <button type="submit" className="btn" disabled={disabled}>
            {action}
          </button>
        </div>
      </Form>
      {children}
      {error && <ProblemNotice error={error} />}
    </section>
  );
}

type Registered = UseFormRegisterReturn & {
  label: string;
  /** Why it cannot be sent like this. */
  error?: FieldError;
};

/** One of a few, by its code and what it is called. */
export function RunChoice({ label, error, choices, ...field }: Registered & { choices: readonly (readonly [string, string])[] }) {
  return (
    <Field label={label} error={error}>
      {(props) => (
        <Form.Select {...field} {...props}>
          {choices.map(([code, words]) => (
            <option key={code} value={code}>
              {words}
            </option>
          ))}
        </Form.Select>
      )}
    </Field>
  );
}

/** A number, typed. */
export function RunNumber({ label, error, ...field }: Registered) {
  return (
    <Field label={label} error={error}>
      {(props) => <Form.Control inputMode="decimal" autoComplete="off" maxLength={20} {...field} {...props} />}
    </Field>
  );
}

/** A few words of the teacher's own. */
export function RunNote({ label, error, ...field }: Registered) {
  return (
    <Field label={label} error={error}>
      {(props) => <Form.Control maxLength={200} {...field} {...props} />}
    </Field>
  );
}
