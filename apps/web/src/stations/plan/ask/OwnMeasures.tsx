import { msNow } from '@bright-sprout/core/clock/clock';
import { type OwnMeasure } from '@bright-sprout/core/bench/benchProtocol';
import { Form } from 'react-bootstrap';
import { setting } from '../planFields';
import { type PartProps } from '../partProps';

const MOST = 4;

const numberOf = (text: string) => (text.trim() === '' || !Number.isFinite(Number(text)) ? null : Number(text));

/** Measures that the class thought of itself: a number with its unit and range, or a choice of words. */
export function OwnMeasures({ plan, change }: Pick<PartProps, 'plan' | 'change'>) {
  const set = (ownMeasures: OwnMeasure[]) => change(setting({ ownMeasures }));
  const put = (id: string, part: Partial<OwnMeasure>) => set(plan.ownMeasures.map((m) => (m.id === id ? { ...m, ...part } : m)));
  const add = (kind: OwnMeasure['kind']) =>
    set([
      ...plan.ownMeasures,
      {
        id: `own-${msNow().toString(36)}`,
        name: '',
        kind,
        unit: '',
        min: null,
        max: null,
        choices: kind === 'choice' ? ['yes', 'no'] : [],
      },
    ]);
  return (
    <>
      {plan.ownMeasures.map((m, i) => (
        <div key={m.id} className="planner-own" role="group" aria-label={`Measure of our own ${i + 1}`}>
          <Form.Control
            aria-label="What is measured"
            placeholder={m.kind === 'number' ? 'mass of the pot' : 'mould'}
            value={m.name}
            maxLength={60}
            onChange={(e) => put(m.id, { name: e.target.value })}
          />
          {m.kind === 'number' ? (
            <>
              <Form.Control
                aria-label="Its unit"
                placeholder="g"
                value={m.unit}
                maxLength={20}
                onChange={(e) => put(m.id, { unit: e.target.value })}
              />
              <Form.Control
                aria-label="At least"
                type="number"
                placeholder="from"
                value={m.min ?? ''}
                onChange={(e) => put(m.id, { min: numberOf(e.target.value) })}
              />
              <Form.Control
                aria-label="At most"
                type="number"
                placeholder="to"
                value={m.max ?? ''}
                onChange={(e) => put(m.id, { max: numberOf(e.target.value) })}
              />
            </>
          ) : (
            <Form.Control
              aria-label="Choices, with commas between"
              value={m.choices.join(',')}
              maxLength={200}
              onChange={(e) =>
                put(m.id, {
                  choices: e.target.value
                    .split(',')
                    .map((c) => c.trimStart().slice(0, 40))
                    .slice(0, 8),
                })
              }
            />
          )}
          <button type="button" className="btn btn-plain" onClick={() => set(plan.ownMeasures.filter((x) => x.id !== m.id))}>
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
