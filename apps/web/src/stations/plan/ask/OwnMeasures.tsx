import { msNow } from '@bright-sprout/core/clock/clock';
import { type Quantity } from '@bright-sprout/core/measures/measure';
import { newOwnMeasure, type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { Form } from 'react-bootstrap';
import { setting } from '../planFields';
import { type PartProps } from '../partProps';

const MOST = 4;

const QUANTITY_NAMES: Record<Quantity, string> = {
  number: 'a number with a unit',
  length: 'a length, in mm',
  mass: 'a mass, in g',
  count: 'a count',
  'count-of': 'a count of the seeds',
  share: 'a share, in %',
  stage: 'a stage, one after another',
  grade: 'a grade, from little to much',
  choice: 'a choice without order',
};

const CHOSEN: readonly Quantity[] = ['stage', 'grade', 'choice'];

const numberOf = (text: string) => (text.trim() === '' || !Number.isFinite(Number(text)) ? null : Number(text));

/** Measures that the class thought of itself: everything that a built-in one can be. */
export function OwnMeasures({ plan, change }: Pick<PartProps, 'plan' | 'change'>) {
  const set = (ownMeasures: OwnMeasure[]) => change(setting({ ownMeasures }));
  const put = (code: string, part: Partial<OwnMeasure>) =>
    set(plan.ownMeasures.map((m) => (m.code === code ? { ...m, ...part } : m)));
  const add = (quantity: Quantity) => {
    const own = newOwnMeasure(`own-${msNow().toString(36)}`);
    set([...plan.ownMeasures, { ...own, quantity, choices: CHOSEN.includes(quantity) ? ['yes', 'no'] : [] }]);
  };
  return (
    <>
      {plan.ownMeasures.map((m, i) => (
        <div key={m.code} className="planner-own" role="group" aria-label={`Measure of our own ${i + 1}`}>
          <Form.Control
            aria-label="What is measured"
            placeholder={CHOSEN.includes(m.quantity) ? 'mould' : 'mass of the pot'}
            value={m.name}
            maxLength={60}
            onChange={(e) => put(m.code, { name: e.target.value })}
          />
          <Form.Select
            aria-label="What kind of thing"
            value={m.quantity}
            onChange={(e) => {
              const quantity = e.target.value as Quantity;
              put(m.code, { quantity, choices: CHOSEN.includes(quantity) && m.choices.length === 0 ? ['yes', 'no'] : m.choices });
            }}
          >
            {(Object.keys(QUANTITY_NAMES) as Quantity[]).map((q) => (
              <option key={q} value={q}>
                {QUANTITY_NAMES[q]}
              </option>
            ))}
          </Form.Select>
          {CHOSEN.includes(m.quantity) ? <Choices measure={m} put={put} /> : <Range measure={m} put={put} />}
          <button type="button" className="btn btn-plain" onClick={() => set(plan.ownMeasures.filter((x) => x.code !== m.code))}>
            remove
          </button>
        </div>
      ))}
      {plan.ownMeasures.length < MOST && (
        <div className="d-flex flex-wrap gap-2 mt-2">
          <button type="button" className="btn" onClick={() => add('number')}>
            Measure a number of our own
          </button>
          <button type="button" className="btn" onClick={() => add('choice')}>
            Choose between words of our own
          </button>
        </div>
      )}
    </>
  );
}

interface FieldProps {
  measure: OwnMeasure;
  put: (code: string, part: Partial<OwnMeasure>) => void;
}

function Choices({ measure: m, put }: FieldProps) {
  return (
    <Form.Control
      aria-label="Choices, with commas between"
      value={m.choices.join(',')}
      maxLength={200}
      onChange={(e) =>
        put(m.code, {
          choices: e.target.value
            .split(',')
            .map((c) => c.trimStart().slice(0, 40))
            .slice(0, 8),
        })
      }
    />
  );
}

function Range({ measure: m, put }: FieldProps) {
  return (
    <>
      {m.quantity === 'number' && (
        <Form.Control
          aria-label="Its unit"
          placeholder="°C"
          value={m.unit}
          maxLength={20}
          onChange={(e) => put(m.code, { unit: e.target.value })}
        />
      )}
      <Form.Control
        aria-label="At least"
        type="number"
        placeholder="from"
        value={m.least ?? ''}
        onChange={(e) => put(m.code, { least: numberOf(e.target.value) })}
      />
      <Form.Control
        aria-label="At most"
        type="number"
        placeholder="to"
        value={m.most ?? ''}
        onChange={(e) => put(m.code, { most: numberOf(e.target.value) })}
      />
    </>
  );
}
