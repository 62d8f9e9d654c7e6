import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { msNow } from '@bright-sprout/core/clock/clock';
import { type Quantity } from '@bright-sprout/core/measures/measure';
import { newOwnMeasure, type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { Form } from 'react-bootstrap';
import { setting } from '../planFields';
import { type PartProps } from '../partProps';

const MOST = 4;

const QUANTITY_NAMES: Record<Quantity, string> = spoken({
  number: 'plannerAsk.numberUnit',
  length: 'plannerAsk.lengthMm',
  mass: 'plannerAsk.massG',
  count: 'plannerAsk.aCount',
  'count-of': 'plannerAsk.countSeeds',
  share: 'plannerAsk.aShareIn',
  stage: 'plannerAsk.stageAfterAnother',
  grade: 'plannerAsk.gradeLittleMuch',
  choice: 'plannerAsk.choiceWithoutOrder',
});

const CHOSEN: readonly Quantity[] = ['stage', 'grade', 'choice'];

const numberOf = (text: string) => (text.trim() === '' || !Number.isFinite(Number(text)) ? null : Number(text));

/** Measures that the class thought of itself: everything that a built-in one can be. */
export function OwnMeasures({ plan, change }: Pick<PartProps, 'plan' | 'change'>) {
  const set = (ownMeasures: OwnMeasure[]) => change(setting({ ownMeasures }));
  const put = (code: string, part: Partial<OwnMeasure>) =>
    set(plan.ownMeasures.map((m) => (m.code === code ? { ...m, ...part } : m)));
  const add = (quantity: Quantity) => {
    const own = newOwnMeasure(`own-${msNow().toString(36)}`);
    set([
      ...plan.ownMeasures,
      { ...own, quantity, choices: CHOSEN.includes(quantity) ? [say('plannerAsk.yes'), say('plannerAsk.no')] : [] },
    ]);
  };
  return (
    <>
      {plan.ownMeasures.map((m, i) => (
        <div key={m.code} className="planner-own" role="group" aria-label={say('plannerAsk.measureOwn', { i: i + 1 })}>
          <Form.Control
            aria-label={say('plannerAsk.whatIsMeasured')}
            placeholder={CHOSEN.includes(m.quantity) ? 'mould' : say('plannerAsk.massPot')}
            value={m.name}
            maxLength={60}
            onChange={(e) => put(m.code, { name: e.target.value })}
          />
          <Form.Select
            aria-label={say('plannerAsk.kindThing')}
            value={m.quantity}
            onChange={(e) => {
              const quantity = e.target.value as Quantity;
              put(m.code, {
                quantity,
                choices:
                  CHOSEN.includes(quantity) && m.choices.length === 0 ? [say('plannerAsk.yes'), say('plannerAsk.no')] : m.choices,
              });
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
            {say('common.remove')}
          </button>
        </div>
      ))}
      {plan.ownMeasures.length < MOST && (
        <div className="d-flex flex-wrap gap-2 mt-2">
          <button type="button" className="btn" onClick={() => add('number')}>
            {say('plannerAsk.measureNumberOwn')}
          </button>
          <button type="button" className="btn" onClick={() => add('choice')}>
            {say('plannerAsk.chooseBetweenWordsOwn')}
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
      aria-label={say('plannerAsk.choicesCommasBetween')}
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
          aria-label={say('plannerAsk.itsUnit')}
          placeholder="°C"
          value={m.unit}
          maxLength={20}
          onChange={(e) => put(m.code, { unit: e.target.value })}
        />
      )}
      <Form.Control
        aria-label={say('plannerAsk.atLeast')}
        type="number"
        placeholder={say('plannerAsk.from')}
        value={m.least ?? ''}
        onChange={(e) => put(m.code, { least: numberOf(e.target.value) })}
      />
      <Form.Control
        aria-label={say('plannerAsk.atMost')}
        type="number"
        placeholder={say('plannerAsk.to')}
        value={m.most ?? ''}
        onChange={(e) => put(m.code, { most: numberOf(e.target.value) })}
      />
    </>
  );
}
