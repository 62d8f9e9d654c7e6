import { Fragment } from 'react';
import { Dropdown } from 'react-bootstrap';
import './ruledWord.scss';

export interface Choice<V extends string> {
  value: V;
  label: string;
  detail?: string;
  /** Why it cannot be chosen now, in half a sentence. */
  no?: string | null;
  /** Begins a new part of the list. */
  heading?: string;
}

/** A word of a sentence that stands on ruler ticks: pressing it opens its choices. */
export function RuledWord<V extends string>({
  name,
  value,
  choices,
  onChoose,
}: {
  name: string;
  value: V;
  choices: Choice<V>[];
  onChoose: (value: V) => void;
}) {
  const chosen = choices.find((c) => c.value === value);
  return (
    <Dropdown as="span" onSelect={(key) => key !== null && onChoose(key as V)}>
      <Dropdown.Toggle as="button" type="button" className="ruled-word" aria-label={`${name}: ${chosen?.label ?? value}`}>
        {chosen?.label ?? value}
      </Dropdown.Toggle>
      <Dropdown.Menu className="ruled-menu">
        {choices.map((c) => (
          <Fragment key={c.value}>
            {c.heading && <Dropdown.Header>{c.heading}</Dropdown.Header>}
            <Dropdown.Item as="button" type="button" eventKey={c.value} active={c.value === value} disabled={Boolean(c.no)}>
              {c.label}
              {(c.no ?? c.detail) && <span className="ruled-detail">{c.no ?? c.detail}</span>}
            </Dropdown.Item>
          </Fragment>
        ))}
      </Dropdown.Menu>
    </Dropdown>
  );
}
