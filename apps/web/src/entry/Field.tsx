import { sayFault } from '@bright-sprout/words/say';
import { type ReactNode, useId } from 'react';
import { Form } from 'react-bootstrap';
import { type FieldError } from 'react-hook-form';

interface ControlProps {
  id: string;
  isInvalid: boolean;
  'aria-invalid': boolean;
  'aria-describedby': string | undefined;
}

/** A labelled field with its hint, and its error as a sentence underneath. */
export function Field({
  label,
  hint,
  error,
  children,
}: {
  label: string;
  hint?: string;
  error?: Pick<FieldError, 'message'>;
  children: (props: ControlProps) => ReactNode;
}) {
  const id = useId();
  const described = [hint && `${id}-hint`, error && `${id}-error`].filter(Boolean).join(' ') || undefined;
  return (
    <Form.Group className="field">
      <Form.Label htmlFor={id}>{label}</Form.Label>
      {children({ id, isInvalid: error !== undefined, 'aria-invalid': error !== undefined, 'aria-describedby': described })}
      {hint && (
        <div className="form-text" id={`${id}-hint`}>
          {hint}
        </div>
      )}
      {error && (
        <div className="invalid-feedback d-block" id={`${id}-error`}>
          {error.message && sayFault(error.message)}
        </div>
      )}
    </Form.Group>
  );
}
