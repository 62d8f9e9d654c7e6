import { say } from '@bright-sprout/words/say';
import { type ContainerView } from '@bright-sprout/contracts/answers/investigations';
import { TreatmentMark } from '../marks/TreatmentMark';
import './containerChoice.scss';

interface Props {
  containers: readonly ContainerView[];
  /** Those that are chosen; without it a tap acts at once. */
  chosen?: ReadonlySet<string>;
  disabled?: boolean;
  onToggle: (id: string) => void;
  label: string;
}

/** Containers to tap, one or several. */
export function ContainerChoice({ containers, chosen, disabled, onToggle, label }: Props) {
  return (
    <div className="container-choice" role="group" aria-label={label}>
      {containers.map((c) => (
        <button
          key={c.id}
          type="button"
          className="container-tag"
          aria-pressed={chosen?.has(c.id)}
          disabled={disabled}
          onClick={() => onToggle(c.id)}
        >
          <TreatmentMark code={c.treatment} size={16} />{' '}
          {c.childNumber === null ? c.code : say('entry.number', { code: c.code, childNumber: c.childNumber })}
        </button>
      ))}
    </div>
  );
}

/** The set with an id put in or taken out. */
export function toggled(chosen: ReadonlySet<string>, id: string): Set<string> {
  const next = new Set(chosen);
  if (!next.delete(id)) next.add(id);
  return next;
}
