import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { containerShape } from '../../../seeds/containerShape';
import { type Factor } from '../../document/planDocument';
import { depthMm } from '../../recipes/wayIn';
import { changes, methodOf } from '../planFacts';

/** Mix that has to be left under the seed for its root, mm. */
const UNDER_SEED_MM = 10;

export const deeperThanFilling: FairRule = {
  code: 'deeper-than-filling',
  check: (plan, { recipes }) => {
    const method = methodOf(plan);
    if (method.paper) return null;
    const fillMm = containerShape(method, plan.fillMl, plan.ownCarrier).fillMm;
    const deepest = recipes.reduce<(typeof recipes)[number] | null>(
      (a, b) => (a === null || depthMm(b.wayIn) > depthMm(a.wayIn) ? b : a),
      null,
    );
    if (!deepest || depthMm(deepest.wayIn) + UNDER_SEED_MM <= fillMm) return null;
    return {
      severity: 'stop',
      params: {
        depth: Math.round(depthMm(deepest.wayIn)),
        treatment: deepest.treatment.code,
        fillMl: plan.fillMl,
        container: method.container,
        high: Math.round(fillMm),
      },
      fix: changes(plan, 'depth')
        ? { label: say('fairTest.leaveTooDeep'), apply: (p) => ({ ...p, factors: p.factors.map((f) => shallow(f, fillMm)) }) }
        : { label: say('fairTest.sowTwoThreeWidths'), apply: (p) => ({ ...p, protocol: { ...p.protocol, depth: 'widths' } }) },
    };
  },
  words: (p) => ({
    what: say('fairTest.sownMmDeepMl', {
      treatment: p.treatment,
      depth: p.depth,
      fillMl: p.fillMl,
      container: p.container,
      high: p.high,
    }),
    why: say('fairTest.leastMmMixLeft', { underSeedMm: UNDER_SEED_MM }),
  }),
};

/** A factor about depth with those of its levels that fit; its control stays where it fits. */
function shallow(factor: Factor, fillMm: number): Factor {
  if (factor.subject !== 'depth') return factor;
  const levels = factor.levels.filter((l) => (l.amount ?? 0) + UNDER_SEED_MM <= fillMm);
  const control = factor.control === null ? null : Math.max(0, levels.indexOf(factor.levels[factor.control]!));
  return { ...factor, levels, control };
}
