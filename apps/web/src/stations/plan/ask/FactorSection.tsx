import { type Factor, FACTOR_SUBJECTS, type FactorSubject, type Level } from '@bright-sprout/core/plan/document/planDocument';
import { unitsOf } from '@bright-sprout/core/plan/lists/mixingCards';
import { planTreatments } from '@bright-sprout/core/plan/document/planTreatments';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { Form } from 'react-bootstrap';
import { SpeciesOptions } from '../../../entry/SpeciesOptions';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { ChoiceField, TextField } from '../planFields';
import { type PartProps } from '../partProps';

const SUBJECT_NAMES: Record<FactorSubject, string> = {
  salt: 'salt in the water',
  acid: 'acid in the water',
  chalk: 'chalk in the soil',
  feed: 'plant food',
  water: 'amount of water',
  light: 'light',
  temperature: 'warmth',
  place: 'place',
  depth: 'depth of sowing',
  soaking: 'soaking',
  'seed-age': 'age of the seed',
  crowding: 'plants in a container',
  kind: 'kind of seed',
  age: 'age on a day',
  soil: 'soil',
  cover: 'cover',
  other: 'something else',
};

/** One thing that is changed: its levels with their amounts, and which of them is the control. */
export function FactorSection({
  index,
  factor,
  plan,
  problems,
  onChange,
  onRemove,
}: {
  index: number;
  factor: Factor;
  plan: PartProps['plan'];
  problems: PartProps['problems'];
  onChange: (part: Partial<Factor>) => void;
  onRemove: (() => void) | null;
}) {
  const treatments = planTreatments(plan);
  const setLevel = (at: number, part: Partial<Factor['levels'][number]>) =>
    onChange({ levels: factor.levels.map((l, i) => (i === at ? { ...l, ...part } : l)) });
  const codeOf = (level: number) =>
    plan.factors.length > 1 ? null : (treatments.find((t) => t.levels[0] === factor.levels[level])?.code ?? null);
  const named = (at: number) => problems.find((p) => p.field === `factors.${index}.levels.${at}`)?.sentence;
  return (
    <section className="section" aria-label={`What is changed${index > 0 ? ', second' : ''}`}>
      <h2>{index === 0 ? 'What is changed' : 'And crossed with it'}</h2>
      <div className="planner-pair">
        <TextField
          label="Name it"
          field={`factors.${index}.name`}
          problems={problems}
          value={factor.name}
          onChange={(name) => onChange({ name })}
          placeholder="salt in the water"
        />
        <ChoiceField
          label="It is about"
          field={`factors.${index}.subject`}
          problems={problems}
          value={factor.subject}
          choices={FACTOR_SUBJECTS.map((value) => ({ value, name: SUBJECT_NAMES[value] }))}
          onChange={(subject) => onChange({ subject, ...(isUsualUnit(factor) ? { unit: unitsOf(subject)[0] ?? '' } : {}) })}
        />
        <TextField
          label="Unit, if it has amounts"
          field={`factors.${index}.unit`}
          problems={problems}
          value={factor.unit}
          onChange={(unit) => onChange({ unit })}
          placeholder={unitsOf(factor.subject)[0] ?? ''}
          hint={unitsOf(factor.subject).length > 1 ? `Mixing is worked out in ${unitsOf(factor.subject).join(', ')}.` : undefined}
        />
      </div>
      {factor.levels.map((level, i) => (
        <div key={i}>
          <div className={`planner-level${codeOf(i) ? '' : ' unmarked'}${factor.subject === 'kind' ? ' kinds' : ''}`}>
            {codeOf(i) && (
              <span className="planner-code">
                <TreatmentMark code={codeOf(i)!} size={20} /> {codeOf(i)}
              </span>
            )}
            <Form.Control
              aria-label={`Level ${i + 1} of ${factor.name || 'it'}`}
              value={level.label}
              maxLength={60}
              isInvalid={named(i) !== undefined}
              onChange={(e) => setLevel(i, { label: e.target.value })}
            />
            {factor.subject === 'kind' ? (
              <Form.Select
                aria-label={`Kind of level ${i + 1}`}
                value={level.speciesId ?? plan.speciesId}
                onChange={(e) => setLevel(i, asKind(level, e.target.value))}
              >
                <SpeciesOptions />
              </Form.Select>
            ) : (
              <Form.Control
                type="number"
                inputMode="decimal"
                className="planner-amount"
                aria-label={`Amount of level ${i + 1}${factor.unit ? ` in ${factor.unit}` : ''}`}
                placeholder={factor.unit || 'amount'}
                value={level.amount ?? ''}
                onChange={(e) => setLevel(i, { amount: e.target.value === '' ? null : Number(e.target.value) })}
              />
            )}
            <Form.Check
              type="radio"
              id={`control-${index}-${i}`}
              name={`control-${index}`}
              label="control"
              checked={factor.control === i}
              onChange={() => onChange({ control: i })}
            />
            <button
              type="button"
              className="btn btn-plain"
              aria-label={`Take away level ${i + 1}`}
              disabled={factor.levels.length <= 1}
              onClick={() =>
                onChange({
                  levels: factor.levels.filter((_, k) => k !== i),
                  control:
                    factor.control === null
                      ? null
                      : factor.control === i
                        ? 0
                        : factor.control > i
                          ? factor.control - 1
                          : factor.control,
                })
              }
            >
              remove
            </button>
          </div>
          {named(i) && <div className="invalid-feedback d-block">{named(i)}</div>}
        </div>
      ))}
      <div className="d-flex gap-2 flex-wrap mb-3">
        <button
          type="button"
          className="btn"
          disabled={factor.levels.length >= 6}
          onClick={() => onChange({ levels: [...factor.levels, { label: '', amount: null }] })}
        >
          One more
        </button>
        <button
          type="button"
          className="btn btn-plain"
          disabled={factor.control === null}
          onClick={() => onChange({ control: null })}
        >
          There is no control
        </button>
        {onRemove && (
          <button type="button" className="btn btn-plain" onClick={onRemove}>
            Do not cross
          </button>
        )}
      </div>
      {factor.control === null && (
        <TextField
          label="Why is there no control?"
          field={`factors.${index}.noControlReason`}
          problems={problems}
          value={factor.noControlReason}
          onChange={(noControlReason) => onChange({ noControlReason })}
        />
      )}
    </section>
  );
}

/** A unit that nobody chose follows what is changed. */
const isUsualUnit = ({ subject, unit }: Factor) => unit === '' || unitsOf(subject).includes(unit);

/** A level that is another kind of seed is named after it, unless somebody gave it a name. */
function asKind({ label, speciesId }: Level, to: string): Partial<Level> {
  const nameOf = (id: string | undefined) => (id && speciesById(id)?.name.toLowerCase()) || '';
  const own = label.trim() !== '' && label.trim().toLowerCase() !== nameOf(speciesId);
  return { speciesId: to, ...(own ? {} : { label: nameOf(to) }) };
}
