import { say } from '@bright-sprout/words/say';
import { type PlanListing } from '@bright-sprout/contracts/answers/plans';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { useClasses } from '../../../api/queries';

/** Investigations of all classes that have no plan of this class beside them: imported ones, and those of other classes. */
export function Earlier({ plans, busy, onBegin }: { plans: PlanListing[]; busy: boolean; onBegin: (id: string) => void }) {
  const classes = useClasses();
  const own = new Set(plans.map((p) => p.id));
  const others = (classes.data ?? []).flatMap((c) =>
    c.investigations.filter((i) => !own.has(i.id)).map((i) => ({ ...i, className: c.name })),
  );
  if (others.length === 0) return null;
  return (
    <section className="section">
      <h2>{say('starts.askedBefore')}</h2>
      <ul className="investigation-list start-earlier">
        {others.map((i) => (
          <li key={i.id}>
            {i.question}{' '}
            <span className="second">
              {i.className}, {formatDay(i.sownOn)}
            </span>{' '}
            <button type="button" className="btn btn-plain" disabled={busy} onClick={() => onBegin(i.id)}>
              {say('starts.askAgain')}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
