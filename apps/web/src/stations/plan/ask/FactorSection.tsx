import { type Factor, FACTOR_SUBJECTS, type FactorSubject } from '@bright-sprout/core/plan/document/planDocument';
import { unitsOf } from '@bright-sprout/core/plan/lists/mixingCards';
import { planTreatments } from '@bright-sprout/core/plan/document/planTreatments';
import { ChoiceField, TextField } from '../planFields';
import { type PartProps } from '../partProps';
import { FactorLevel } from './FactorLevel';

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
  const codeOf = (level: number) =>
    plan.factors.length > 1 ? null : (treatments.find((t) => t.levels[0] === factor.levels[level])?.code ?? null);
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
        <FactorLevel
          key={i}
          number={i + 1}
          level={level}
          factor={factor}
          code={codeOf(i)}
          usualKind={plan.speciesId}
          control={{ group: `control-${index}`, chosen: factor.control === i, onChoose: () => onChange({ control: i }) }}
          problem={problems.find((p) => p.field === `factors.${index}.levels.${i}`)?.sentence}
          onChange={(part) => onChange({ levels: factor.levels.map((l, k) => (k === i ? { ...l, ...part } : l)) })}
          onRemove={factor.levels.length > 1 ? () => onChange(withoutLevel(factor, i)) : null}
        />
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

/** The factor without one of its levels; where that was the control, the first is. */
function withoutLevel({ levels, control }: Factor, at: number): Partial<Factor> {
  const next = control === null || control < at ? control : control === at ? 0 : control - 1;
  return { levels: levels.filter((_, i) => i !== at), control: next };
}
