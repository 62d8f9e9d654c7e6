import { say } from '@bright-sprout/words/say';
import { BUILT_IN, BUILT_IN_CODES } from '@bright-sprout/core/measures/registry';
import { type Protocol } from '@bright-sprout/core/plan/document/planDocument';
import { Form } from 'react-bootstrap';
import { RESOLUTION_WORDS } from '../../../../entry/resolutionWords';
import { ChoiceField } from '../../planFields';
import { type PartProps } from '../../partProps';
import { OwnMeasures } from '../OwnMeasures';
import { ProtocolChoice } from './ProtocolChoice';

/** What is measured, and only those choices of how that it raises. */
export function MeasuresPanel({ plan, change, problems }: PartProps) {
  const { measures, protocol } = plan;
  const lengths = BUILT_IN.some((m) => m.quantity === 'length' && measures.includes(m.code));
  return (
    <>
      <div className="planner-ticks">
        {BUILT_IN.map((m) => (
          <Form.Check
            key={m.code}
            id={`measure-${m.code}`}
            type="checkbox"
            label={m.name}
            checked={measures.includes(m.code)}
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
      {measures.includes('height') && <ProtocolChoice name="height" plan={plan} change={change} />}
      {lengths && (
        <ChoiceField
          label={say('plannerAsk.rulerRead')}
          field="protocol.resolution"
          problems={problems}
          value={protocol.resolution}
          choices={(Object.keys(RESOLUTION_WORDS) as Protocol['resolution'][]).map((value) => ({
            value,
            name: RESOLUTION_WORDS[value],
          }))}
          onChange={(resolution) => change((p) => ({ ...p, protocol: { ...p.protocol, resolution } }))}
        />
      )}
      {plan.keep > 1 && lengths && <ProtocolChoice name="seedlings" plan={plan} change={change} />}
      <ProtocolChoice name="sprouted" plan={plan} change={change} />
    </>
  );
}
