import { type Factor, type PlanKind } from '@bright-sprout/core/plan/document/planDocument';
import { BUILT_IN, BUILT_IN_CODES } from '@bright-sprout/core/measures/registry';
import { keptSameFor } from '@bright-sprout/core/plan/document/startingPoints';
import { Form } from 'react-bootstrap';
import { ChoiceField, setting, TextField } from '../planFields';
import { FactorSection } from './FactorSection';
import { OwnMeasures } from './OwnMeasures';
import { type PartProps } from '../partProps';
import { PredictionsSection } from './PredictionsSection';
import { ProtocolSection } from './ProtocolSection';

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
          {BUILT_IN.map((m) => (
            <Form.Check
              key={m.code}
              id={`measure-${m.code}`}
              type="checkbox"
              label={m.name}
              checked={plan.measures.includes(m.code)}
              onChange={(e) =>
                change((p) => ({
                  ...p,
                  measures: BUILT_IN_CODES.filter((code) => (code === m.code ? e.target.checked : p.measures.includes(code))),
                }))
              }
            />
          ))}
        </div>
        <OwnMeasures plan={plan} change={change} />
      </section>
      <PredictionsSection {...props} />
      <ProtocolSection plan={plan} change={change} problems={problems} />
    </>
  );
}
