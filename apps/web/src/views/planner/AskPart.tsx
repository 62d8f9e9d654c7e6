import {
  type Factor,
  FACTOR_SUBJECTS,
  type FactorSubject,
  type PlanKind,
  type PlannedMeasure,
  MEASURES,
  type Protocol,
} from '@bright-sprout/core/plan/planDocument';
import { PROTOCOL_WORDS } from '@bright-sprout/core/plan/protocolWords';
import { keptSameFor } from '@bright-sprout/core/plan/startingPoints';
import { planTreatments } from '@bright-sprout/core/plan/planTreatments';
import { Form } from 'react-bootstrap';
import { RESOLUTION_WORDS } from '../../components/resolutionWords';
import { TreatmentMark } from '../../components/TreatmentMark';
import { ChoiceField, setting, TextField } from './planFields';
import { type PartProps } from './partProps';
import { PredictionsSection } from './PredictionsSection';

const SUBJECT_NAMES: Record<FactorSubject, string> = {
  salt: 'salt in the water', acid: 'acid in the water', chalk: 'chalk in the soil', feed: 'plant food', water: 'amount of water', light: 'light',
  temperature: 'warmth', place: 'place', depth: 'depth of sowing', soaking: 'soaking', 'seed-age': 'age of the seed', crowding: 'plants in a container',
  kind: 'kind of seed', age: 'age on a day', soil: 'soil', cover: 'cover', other: 'something else',
}; // prettier-ignore

const KIND_NAMES: Record<PlanKind, string> = {
  'one-factor': 'one thing changed, against a control',
  'dose-series': 'a series of amounts',
  'two-factors': 'two things, crossed',
  crowding: 'crowding, with thinning',
  'side-by-side': 'kinds side by side',
  'age-ladder': 'every age on one day',
  patch: 'a patch, seen from above',
  viability: 'a test of a seed lot',
};

const MEASURE_NAMES: Record<PlannedMeasure, string> = {
  height: 'height', 'count-up': 'how many are up', leaves: 'leaves', stage: 'stage', colour: 'colour and vigour', 'root-length': 'root length', 'percent-green': 'percent green',
}; // prettier-ignore

/** The question, what is changed, what stays the same, what is measured and how. */
export function AskPart(props: PartProps) {
  const { plan, change, problems } = props;
  const setFactor = (index: number, part: Partial<Factor>) =>
    change((p) => {
      const factors = p.factors.map((f, i) => (i === index ? { ...f, ...part } : f));
      return { ...p, factors, keptSame: keptSameFor(factors, p.keptSame) };
    });
  return (
    <>
      <section className="section">
        <h2>The question</h2>
        <TextField
          label="What do you want to find out?"
          hint="A question plants can answer: change one thing, measure another."
          field="question"
          problems={problems}
          value={plan.question}
          onChange={(question) => change(setting({ question }))}
        />
        <ChoiceField
          label="Kind of experiment"
          field="kind"
          problems={problems}
          value={plan.kind}
          choices={(Object.keys(KIND_NAMES) as PlanKind[]).map((value) => ({ value, name: KIND_NAMES[value] }))}
          onChange={(kind) => change(setting({ kind }))}
        />
      </section>
      {plan.factors.map((factor, index) => (
        <FactorSection
          key={index}
          index={index}
          factor={factor}
          plan={plan}
          problems={problems}
          onChange={(part) => setFactor(index, part)}
          onRemove={
            plan.factors.length > 1
              ? () =>
                  change((p) => {
                    const factors = p.factors.filter((_, i) => i !== index);
                    return { ...p, factors, kind: 'one-factor', keptSame: keptSameFor(factors, p.keptSame) };
                  })
              : null
          }
        />
      ))}
      {plan.factors.length < 2 && (
        <button
          type="button"
          className="btn mb-3"
          onClick={() =>
            change((p) => ({
              ...p,
              kind: 'two-factors',
              factors: [
                ...p.factors,
                {
                  name: '',
                  subject: 'other',
                  unit: '',
                  control: 0,
                  noControlReason: '',
                  levels: [
                    { label: '', amount: null },
                    { label: '', amount: null },
                  ],
                },
              ],
            }))
          }
        >
          Cross it with a second thing
        </button>
      )}
      <section className="section">
        <h2>Kept the same</h2>
        <div className="planner-ticks">
          {plan.keptSame.map((k) => (
            <Form.Check
              key={k.id}
              id={`same-${k.id}`}
              type="checkbox"
              label={k.text}
              checked={k.kept}
              onChange={(e) =>
                change((p) => ({ ...p, keptSame: p.keptSame.map((s) => (s.id === k.id ? { ...s, kept: e.target.checked } : s)) }))
              }
            />
          ))}
        </div>
      </section>
      <section className="section">
        <h2>Measured</h2>
        <div className="planner-ticks">
          {MEASURES.map((m) => (
            <Form.Check
              key={m}
              id={`measure-${m}`}
              type="checkbox"
              label={MEASURE_NAMES[m]}
              checked={plan.measures.includes(m)}
              onChange={(e) =>
                change((p) => ({ ...p, measures: MEASURES.filter((x) => (x === m ? e.target.checked : p.measures.includes(x))) }))
              }
            />
          ))}
        </div>
      </section>
      <PredictionsSection {...props} />
      <ProtocolSection plan={plan} change={change} problems={problems} />
    </>
  );
}

function FactorSection({
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
          onChange={(subject) => onChange({ subject })}
        />
        <TextField
          label="Unit, if it has amounts"
          field={`factors.${index}.unit`}
          problems={problems}
          value={factor.unit}
          onChange={(unit) => onChange({ unit })}
          placeholder="mmol/L"
        />
      </div>
      {factor.levels.map((level, i) => (
        <div key={i}>
          <div className={`planner-level${codeOf(i) ? '' : ' unmarked'}`}>
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
            <Form.Control
              type="number"
              inputMode="decimal"
              className="planner-amount"
              aria-label={`Amount of level ${i + 1}${factor.unit ? ` in ${factor.unit}` : ''}`}
              placeholder={factor.unit || 'amount'}
              value={level.amount ?? ''}
              onChange={(e) => setLevel(i, { amount: e.target.value === '' ? null : Number(e.target.value) })}
            />
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
      <div className="d-flex gap-2 flex-wrap">
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

const PROTOCOL_NAMES: Record<keyof typeof PROTOCOL_WORDS, string> = {
  sprouted: 'A seed has sprouted when', height: 'Height is', beforeSprouting: 'A plant that is not up yet counts as', afterLoss: 'A plant that died',
  seedlings: 'Measured are', seedsToHole: 'Seeds to a hole', depth: 'Sown', firm: 'The soil', water: 'Water', lightBefore: 'Before they are up', openBag: 'The bag is opened', report: 'Reported is',
} as Record<keyof typeof PROTOCOL_WORDS, string>; // prettier-ignore

function ProtocolSection({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  return (
    <section className="section">
      <h2>How it is done</h2>
      <p className="second">Practitioners differ here. Each choice says what it does to the records.</p>
      <div className="planner-columns">
        <ChoiceField
          label="Ruler read to the"
          field="protocol.resolution"
          problems={problems}
          value={plan.protocol.resolution}
          choices={(Object.keys(RESOLUTION_WORDS) as Protocol['resolution'][]).map((value) => ({
            value,
            name: RESOLUTION_WORDS[value],
          }))}
          onChange={(resolution) => change((p) => ({ ...p, protocol: { ...p.protocol, resolution } }))}
        />
        {(Object.keys(PROTOCOL_WORDS) as (keyof typeof PROTOCOL_WORDS)[]).map((name) => {
          const words = PROTOCOL_WORDS[name] as Record<string, { name: string; does: string }>;
          const value = plan.protocol[name];
          return (
            <ChoiceField
              key={name}
              label={PROTOCOL_NAMES[name]}
              hint={words[value]?.does}
              field={`protocol.${name}`}
              problems={problems}
              value={value as string}
              choices={Object.entries(words).map(([v, w]) => ({ value: v, name: w.name }))}
              onChange={(v) => change((p) => ({ ...p, protocol: { ...p.protocol, [name]: v } }))}
            />
          );
        })}
      </div>
    </section>
  );
}
