import { nounOf } from '@bright-sprout/core/words/plural';
import { say } from '@bright-sprout/words/say';
import { learnedWords } from '@bright-sprout/core/plan/document/learned';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { methodById } from '@bright-sprout/core/seeds/catalogue';

/** Why this plan differs from the one before it: what its records taught. Nothing for a plan that starts anew. */
export function LearnedBefore({ plan, onForget }: { plan: PlanDocument; onForget: (() => void) | null }) {
  if (plan.learned.length === 0) return null;
  const container = methodById(plan.methodId)?.container ?? nounOf('container');
  return (
    <section className="learned-before" aria-label={say('planner.lastTimeTaught')}>
      <h2>{say('planner.lastTimeTaught')}</h2>
      <ul>
        {plan.learned.map((l) => {
          const { what, why } = learnedWords(l, container);
          return (
            <li key={`${l.code} ${l.about}`}>
              <b>{what}.</b> <span className="second">{why}</span>
            </li>
          );
        })}
      </ul>
      {onForget && (
        <button type="button" className="btn btn-plain" onClick={onForget}>
          {say('planner.knowPutAway')}
        </button>
      )}
    </section>
  );
}
