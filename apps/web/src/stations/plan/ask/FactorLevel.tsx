import { say } from '@bright-sprout/words/say';
import { type Factor, type Level } from '@bright-sprout/core/plan/document/planDocument';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Form } from 'react-bootstrap';
import { SpeciesOptions } from '../../../entry/SpeciesOptions';
import { TreatmentMark } from '../../../marks/TreatmentMark';

/** One level of a factor: its name, its amount or kind of seed, and whether it is the control. */
export function FactorLevel({
  number,
  level,
  factor,
  code,
  usualKind,
  usualSeeds,
  ownSeeds = factor.subject === 'kind',
  control,
  problem,
  onChange,
  onRemove,
}: {
  /** From 1. */
  number: number;
  level: Level;
  factor: Pick<Factor, 'name' | 'subject' | 'unit'>;
  /** Its treatment, where a level is one. */
  code: string | null;
  /** The kind of seed where a level names none. */
  usualKind: string;
  /** Seeds in each container where a level has no number of its own. */
  usualSeeds: number;
  /** A number of seeds of its own can be typed. */
  ownSeeds?: boolean;
  control: { group: string; chosen: boolean; onChoose: () => void };
  problem: string | undefined;
  onChange: (part: Partial<Level>) => void;
  /** Null where it is the only one. */
  onRemove: (() => void) | null;
}) {
  return (
    <div>
      <div className={`planner-level${code ? '' : ' unmarked'}${ownSeeds ? ' with-seeds' : ''}`}>
        {code && (
          <span className="planner-code">
            <TreatmentMark code={code} size={20} /> {code}
          </span>
        )}
        <Form.Control
          aria-label={say('plannerAsk.levelOf', { number, name: factor.name || say('askedAs.something') })}
          value={level.label}
          maxLength={60}
          isInvalid={problem !== undefined}
          onChange={(e) => onChange({ label: e.target.value })}
        />
        {factor.subject === 'kind' ? (
          <Form.Select
            aria-label={say('plannerAsk.kindLevel', { number })}
            value={level.speciesId ?? usualKind}
            onChange={(e) => onChange(asKind(level, e.target.value))}
          >
            <SpeciesOptions />
          </Form.Select>
        ) : (
          <Form.Control
            type="number"
            inputMode="decimal"
            className="planner-amount"
            aria-label={say('plannerAsk.amountLevel', { number, unit: factor.unit, hasUnit: Boolean(factor.unit) })}
            placeholder={factor.unit || say('plannerAsk.amount')}
            value={level.amount ?? ''}
            onChange={(e) => onChange({ amount: e.target.value === '' ? null : Number(e.target.value) })}
          />
        )}
        {ownSeeds && (
          <Form.Control
            type="number"
            inputMode="numeric"
            className="planner-amount"
            aria-label={say('plannerAsk.seedsLevel', { number })}
            placeholder={say('plannerAsk.seeds', { usualSeeds })}
            value={level.seeds ?? ''}
            onChange={(e) => onChange({ seeds: e.target.value === '' ? undefined : Number(e.target.value) })}
          />
        )}
        <Form.Check
          type="radio"
          id={`${control.group}-${number}`}
          name={control.group}
          label={say('plannerAsk.control')}
          checked={control.chosen}
          onChange={control.onChoose}
        />
        <button
          type="button"
          className="btn btn-plain"
          aria-label={say('plannerAsk.takeAwayLevel', { number })}
          disabled={onRemove === null}
          onClick={onRemove ?? undefined}
        >
          {say('common.remove')}
        </button>
      </div>
      {problem && <div className="invalid-feedback d-block">{problem}</div>}
    </div>
  );
}

/** A level that is another kind of seed is named after it, unless somebody gave it a name. */
function asKind({ label, speciesId }: Level, to: string): Partial<Level> {
  const nameOf = (id: string | undefined) => (id && speciesById(id)?.name.toLowerCase()) || '';
  const own = label.trim() !== '' && label.trim().toLowerCase() !== nameOf(speciesId);
  return { speciesId: to, ...(own ? {} : { label: nameOf(to) }) };
}
