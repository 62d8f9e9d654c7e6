import { say } from '@bright-sprout/words/say';
import { comparesNothing } from '@bright-sprout/core/plan/document/planDocument';
import { Form } from 'react-bootstrap';
import { type PartProps } from '../partProps';
import { ProtocolChoice } from './panels/ProtocolChoice';

/** What is kept the same, and how records are counted: folded, for these are seldom changed. */
export function UsualWays({ plan, change }: Pick<PartProps, 'plan' | 'change'>) {
  const heights = plan.measures.includes('height') && !comparesNothing(plan.kind);
  return (
    <details className="usual-ways section">
      <summary>{say('plannerAsk.usualWaysKeepSame')}</summary>
      <div className="planner-ticks mb-3" role="group" aria-label={say('plannerAsk.keptSame')}>
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
      <div className="planner-columns">
        {heights && <ProtocolChoice name="beforeSprouting" plan={plan} change={change} />}
        {heights && <ProtocolChoice name="afterLoss" plan={plan} change={change} />}
        {plan.keep > 1 && <ProtocolChoice name="report" plan={plan} change={change} />}
      </div>
    </details>
  );
}
