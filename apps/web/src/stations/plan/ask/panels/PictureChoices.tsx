import { type ReactNode, useId } from 'react';

export interface PictureChoice<V extends string> {
  value: V;
  picture?: ReactNode;
  name: string;
  /** What follows from it. */
  does?: string;
  /** What it takes. */
  cost?: string;
}

/** Choices one under the other, each with its picture, what follows from it, and what it takes. */
export function PictureChoices<V extends string>({
  label,
  value,
  choices,
  onChoose,
}: {
  label: string;
  value: V;
  choices: readonly PictureChoice<V>[];
  onChoose: (value: V) => void;
}) {
  const group = useId();
  return (
    <fieldset className="picture-choices">
      <legend>{label}</legend>
      {choices.map((c) => (
        <label key={c.value} className={c.value === value ? 'chosen' : undefined}>
          <input type="radio" name={group} checked={c.value === value} onChange={() => onChoose(c.value)} />
          {c.picture && <span className="picture-choice-picture">{c.picture}</span>}
          <span>
            <b>{c.name}</b>
            {c.does && <span className="second">{c.does}</span>}
          </span>
          {c.cost && <span className="picture-choice-cost">{c.cost}</span>}
        </label>
      ))}
    </fieldset>
  );
}
