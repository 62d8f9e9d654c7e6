import { type FairRule } from '../fairRule';
import { daysBetween } from '../../../calendar/days';
import { lower, methodOf, speciesOf } from '../planFacts';

/** Weeks after which a pot has to hold what a growing plant needs. */
const SMALL_POT_DAYS = 21;

export const potTooSmall: FairRule = {
  code: 'pot-too-small',
  ofEveryKind: true,
  check: (plan) => {
    const m = methodOf(plan);
    const needed = speciesOf(plan).potMlPerPlant * plan.keep;
    const days = daysBetween(plan.sowOn, plan.endOn);
    if (m.paper || days <= SMALL_POT_DAYS || plan.kind === 'crowding' || plan.kind === 'patch' || plan.fillMl >= 0.5 * needed)
      return null;
    return {
      severity: 'mind',
      params: { fillMl: plan.fillMl, keep: plan.keep, kind: speciesOf(plan).name, days, needed },
      fix: m.containerMl[1] >= needed ? { label: `Fill ${needed} mL`, apply: (p) => ({ ...p, fillMl: needed }) } : null,
    };
  },
  words: (p) => ({
    what: `${p.fillMl} mL is tight for ${p.keep === 1 ? 'a plant' : `${p.keep} plants`} of ${lower(String(p.kind))} over ${p.days} days; ${p.needed} mL is roomy.`,
    why: 'Roots without room stop growth in every treatment, and differences shrink.',
  }),
};
