import { Dropdown } from 'react-bootstrap';
import './ruledWord.scss';

export interface Choice<V extends string> {
  value: V;
  label: string;
  detail?: string;
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
      <Dropdown.Menu>
        {choices.map((c) => (
          <Dropdown.Item as="button" type="button" key={c.value} eventKey={c.value} active={c.value === value}>
            {c.label}
            {c.detail && <span className="ruled-detail">{c.detail}</span>}
          </Dropdown.Item>
        ))}
      </Dropdown.Menu>
    </Dropdown>
  );
}
