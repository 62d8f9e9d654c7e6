import { causesOf } from '@bright-sprout/core/compare/causes/causes';
import { surenessOf } from '@bright-sprout/core/compare/sureness';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { useMemo } from 'react';
import { type Asking, type Working } from '../src/workers/useSureness';

/** jsdom has no workers: what they would answer is worked out on the spot, with few deals. */
export function useSureness(asking: Asking | null): Working {
  return useMemo(() => {
    if (!asking) return { answer: null, share: 0 };
    const { records, groups, question, own, facts } = asking;
    const measure = measureOf(question.measure, own)!;
    const sureness = surenessOf(groups, question, facts.design, { seed: 1, draws: 400 });
    return { answer: { sureness, causes: causesOf({ ...facts, groups, records, question, measure, sureness }) }, share: 1 };
  }, [asking]);
}
