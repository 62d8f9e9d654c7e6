import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type PlanProblem } from '@bright-sprout/core/plan/document/planProblems';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { DayInput } from '../../entry/DayInput';
import { Field } from '../../entry/Field';

const problemAt = (problems: readonly PlanProblem[], field: string) => {
  const found = problems.find((p) => p.field === field);
  return found ? { type: 'plan', message: found.sentence } : undefined;
};

interface Common {
  label: string;
  hint?: string;
  field: string;
  problems: readonly PlanProblem[];
}

/** A number of the plan. What is typed stays, also where it is refused. */
export function NumberField({
  value,
  onChange,
  unit,
  ...common
}: Common & { value: number; onChange: (value: number) => void; unit?: string }) {
  const { label, hint, field, problems } = common;
  // An emptied field stays empty while something new is typed; the plan counts it as nothing.
  const [text, setText] = useState(String(value));
  const shown = (text === '' ? 0 : Number(text)) === value ? text : Number.isNaN(value) ? '' : String(value);
  return (
    <Field label={unit ? `${label}, ${unit}` : label} hint={hint} error={problemAt(problems, field)}>
      {(props) => (
        <Form.Control
          type="number"
          inputMode="decimal"
          value={shown}
          onChange={(e) => {
            setText(e.target.value);
            onChange(e.target.value === '' ? 0 : Number(e.target.value));
          }}
          {...props}
        />
      )}
    </Field>
  );
}

export function TextField({
  value,
  onChange,
  placeholder,
  ...common
}: Common & { value: string; onChange: (value: string) => void; placeholder?: string }) {
  const { label, hint, field, problems } = common;
  return (
    <Field label={label} hint={hint} error={problemAt(problems, field)}>
      {(props) => (
        <Form.Control
          value={value}
          placeholder={placeholder}
          maxLength={200}
          onChange={(e) => onChange(e.target.value)}
          {...props}
        />
      )}
    </Field>
  );
}

export function DayField({ value, onChange, ...common }: Common & { value: string; onChange: (value: string) => void }) {
  const { label, hint, field, problems } = common;
  return (
    <Field label={label} hint={hint} error={problemAt(problems, field)}>
      {(props) => <DayInput value={value} onChange={onChange} {...props} />}
    </Field>
  );
}

export function ChoiceField<V extends string>({
  value,
  choices,
  onChange,
  ...common
}: Common & { value: V; choices: readonly { value: V; name: string }[]; onChange: (value: V) => void }) {
  const { label, hint, field, problems } = common;
  return (
    <Field label={label} hint={hint} error={problemAt(problems, field)}>
      {(props) => (
        <Form.Select value={value} onChange={(e) => onChange(e.target.value as V)} {...props}>
          {choices.map((c) => (
            <option key={c.value} value={c.value}>
              {c.name}
            </option>
          ))}
        </Form.Select>
      )}
    </Field>
  );
}

/** Sets some parts of the plan. */
export const setting =
  (part: Partial<PlanDocument>) =>
  (plan: PlanDocument): PlanDocument => ({ ...plan, ...part });
