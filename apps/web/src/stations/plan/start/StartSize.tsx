import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { daysBetween } from '@bright-sprout/core/calendar/days';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planTreatments } from '@bright-sprout/core/plan/document/planTreatments';
import { counted } from '@bright-sprout/core/words/plural';
import { methodById, speciesById } from '@bright-sprout/core/seeds/catalogue';
import { TreatmentMark } from '../../../marks/TreatmentMark';

/** What a starting point comes to for this class: its treatments, containers and days. */
export function StartSize({ plan }: { plan: PlanDocument }) {
  const treatments = planTreatments(plan);
  const kinds = plan.factors.find((f) => f.subject === 'kind')?.levels.length;
  const kind = kinds ? say('starts.kinds', { kinds }) : speciesById(plan.speciesId)!.name.toLowerCase();
  const containers = counted(treatments.length * plan.containersEach, methodById(plan.methodId)!.container);
  return (
    <span className="start-size">
      <Say
        it="starts.ofDays"
        treatments={treatments.map((t) => (
          <TreatmentMark key={t.code} code={t.code} size={15} />
        ))}
        span={(inside) => <span aria-hidden="true">{inside}</span>}
        containers={containers}
        kind={kind}
        daysBetween={daysBetween(plan.sowOn, plan.endOn)}
      />
    </span>
  );
}
