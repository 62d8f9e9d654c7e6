import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { countingBy } from '../../document/startingPoints';
import { seedCountOf } from '../../../measures/registry';
import { lower, methodOf } from '../planFacts';

export const cannotBeSeen: FairRule = {
  code: 'cannot-be-seen',
  ofEveryKind: true,
  check: (plan) => {
    const m = methodOf(plan);
    const hidden =
      plan.measures.includes('root-length') && !m.rootsVisible
        ? 'root-length'
        : plan.measures.includes('height') && !m.heightMeasurable
          ? 'height'
          : (plan.protocol.sprouted === 'root-2mm' || plan.measures.includes('seeds-with-root')) && !m.paper
            ? 'root-tip'
            : null;
    if (hidden === null) return null;
    return {
      severity: 'stop',
      params: { measure: hidden, method: m.grownIn },
      fix:
        hidden === 'root-tip'
          ? { label: say('fairTest.countShootsInstead'), apply: (p) => countingBy(p, 'shoot') }
          : {
              label: say('fairTest.leaveMeasure'),
              apply: (p) => ({
                ...p,
                measures:
                  p.measures.filter((x) => x !== hidden).length > 0
                    ? p.measures.filter((x) => x !== hidden)
                    : [seedCountOf(p.protocol.sprouted)],
              }),
            },
    };
  },
  words: (p) => ({
    what:
      p.measure === 'root-tip'
        ? say('fairTest.rootTipCannotSeen', { method: lower(String(p.method)) })
        : p.measure === 'root-length'
          ? say('fairTest.rootsCannotSeen', { method: lower(String(p.method)) })
          : say('fairTest.heightCannotMeasured', { method: lower(String(p.method)) }),
    why: say('fairTest.nobodySeeCannotWritten'),
  }),
};
